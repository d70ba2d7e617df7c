<?php

declare(strict_types=1);

namespace IronLatch\Brief;

use IronLatch\Board\EditForm;
use IronLatch\Core\Board\Brief;
use IronLatch\Core\Brief\Reading;
use IronLatch\Core\Brief\SentenceReader;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\FieldShape;
use IronLatch\Core\Record\RecordFault;
use IronLatch\Core\Record\RecordReader;
use IronLatch\Core\Record\RecordShape;
use IronLatch\Core\Record\RecordWriter;
use IronLatch\Core\Record\ValueKind;

/** A brief as a form sends it, as a page carries it along, and as a sentence says it. */
final readonly class BriefForm
{
    /** What a bare number means in a field. */
    private const UNITS = ['mostLengthMetres' => 'mm', 'mostWidthMetres' => 'mm', 'handMetres' => 'm', 'breakerAmps' => 'A',
        'airCelsius' => '°C', 'watts' => 'W'];

    public function __construct(private EditForm $edits) {}

    /** @throws \InvalidArgumentException in words that say what to do */
    public function sentence(string $words): Reading
    {
        if (!mb_check_encoding($words, 'UTF-8')) {
            throw new \InvalidArgumentException('The sentence is not encoded as UTF-8. Type it anew.');
        }

        return SentenceReader::read($words);
    }

    /**
     * @param array<mixed> $fields
     * @throws \InvalidArgumentException in words that say what to do
     */
    public function read(array $fields): Brief
    {
        $data = [];
        foreach (RecordShape::of(Brief::class)->fields as $name => $field) {
            $value = $this->sent($name, $field, $fields[$name] ?? null);
            if (null !== $value) {
                $data[$name] = $value;
            }
        }
        $data['appliances'] = $this->rows($fields['rows'] ?? []);
        $brief = $this->brief($data);
        $reading = '' === $brief->words ? null : $this->sentence($brief->words);

        return Copy::of($brief, ['notUnderstood' => $reading->brief->notUnderstood ?? []]);
    }

    /** What a page carries along: all that was said, in one field. */
    public function carried(Brief $brief): string
    {
        return json_encode(RecordWriter::write($brief), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    /** @throws \InvalidArgumentException when it is not what was carried */
    public function taken(string $carried): Brief
    {
        $data = json_decode($carried, true, 12);

        return is_array($data) ? $this->brief($data) : throw new \InvalidArgumentException(
            'The brief did not arrive whole. Load the page again.',
        );
    }

    /**
     * @param array<mixed> $data
     */
    private function brief(array $data): Brief
    {
        try {
            return RecordReader::forForms()->read(Brief::class, $data);
        } catch (RecordFault $fault) {
            $where = explode('.', $fault->path);
            $field = ['appliances' => 'Appliance ' . (1 + (int) ($where[1] ?? 0))][$where[0]] ?? '';

            $words = '' === $field ? mb_strtoupper(mb_substr($fault->reason, 0, 1)) . mb_substr($fault->reason, 1) : $fault->reason;

            throw new \InvalidArgumentException(ltrim($field . ': ' . $words, ': '), 0, $fault);
        }
    }

    private function sent(string $name, FieldShape $field, mixed $value): mixed
    {
        if (ValueKind::Listing === $field->value->kind) {
            $isSaid = static fn(mixed $one): bool => is_string($one) && '' !== $one;

            return is_array($value) ? array_values(array_filter($value, $isSaid)) : null;
        }
        if (!is_string($value) || '' === trim($value)) {
            return null;
        }
        $value = self::withUnit($name, $value);
        if (in_array(Unit::Euro, [$field->value->unit, $field->value->item?->unit], true)) {
            $value = $this->edits->inEuros($value);
        }

        return ValueKind::Fact === $field->value->kind ? ['stated' => $value] : $value;
    }

    /**
     * @return list<array<string, mixed>> one for each row that says something
     */
    private function rows(mixed $sent): array
    {
        $rows = [];
        foreach (is_array($sent) ? $sent : [] as $row) {
            if (!is_array($row) || 0 === (int) self::text($row, 'count') || '' === self::text($row, 'name') . self::text(
                $row,
                'appliance',
            )) {
                continue;
            }
            $said = array_filter([
                'count' => self::text($row, 'count'),
                'name' => '' === self::text($row, 'name') ? 'Appliance' : self::text($row, 'name'),
                'appliance' => self::text($row, 'appliance'),
                'watts' => self::withUnit('watts', self::text($row, 'watts')),
                'load' => self::text($row, 'load'),
                'mayStart' => self::text($row, 'mayStart'),
                'mustComeBack' => self::text($row, 'mustComeBack'),
            ], static fn(string $value): bool => '' !== $value);
            $lines = array_values(array_filter(explode(' ', self::text($row, 'lines')), static fn(string $id): bool => '' !== $id));
            $by = is_array($row['by'] ?? null) ? array_values(array_filter($row['by'], is_string(...))) : [];
            $rows[] = [...$said, 'by' => $by, 'lines' => array_slice($lines, 0, max(0, (int) self::text($row, 'count')))];
        }

        return $rows;
    }

    /**
     * @param array<mixed> $row
     */
    private static function text(array $row, string $field): string
    {
        $value = $row[$field] ?? '';

        return is_string($value) ? trim($value) : '';
    }

    private static function withUnit(string $name, string $value): string
    {
        $isBare = 1 === preg_match('/^\s*-?\d[\d.,]*\s*$/', $value);

        return $isBare && isset(self::UNITS[$name]) ? trim($value) . ' ' . self::UNITS[$name] : $value;
    }
}
