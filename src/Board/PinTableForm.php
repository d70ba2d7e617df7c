<?php

declare(strict_types=1);

namespace IronLatch\Board;

use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Catalogue\Controller;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Exchange\PinTable;
use IronLatch\Core\Exchange\PinTableEntry;
use IronLatch\Core\Exchange\PinTableRow;

/**
 * The rows of a pin table as a form: as they were read, and as the maker sends them back corrected.
 *
 * @phpstan-type FormRow array{line: string, text: string, name: string, kind: string, pin: string,
 *     choices: array<string, string>, appliance: string, doubt: string, take: bool, operates: string}
 */
final readonly class PinTableForm
{
    private const USUAL_APPLIANCE = 'led-lamp';
    /** Words in a line's name, and the appliance that they speak of. */
    private const APPLIANCES = [
        'heater' => 'portable-heater',
        'fan' => 'vent-fan',
        'pump' => 'return-pump',
        'valve' => 'shut-off-valve',
        'cooler' => 'cooler',
        'airer' => 'heated-airer',
        'iron' => 'iron',
    ];

    public function __construct(private Catalogue $catalogue) {}

    /**
     * @return array<string, mixed>
     */
    public function lists(): array
    {
        return [
            'all_kinds' => array_filter(
                FunctionKind::cases(),
                static fn(FunctionKind $kind): bool => !in_array(
                    $kind,
                    [FunctionKind::SelectorLadder, FunctionKind::SelectorPosition],
                    true,
                ),
            ),
            'appliances' => $this->catalogue->parts(Appliance::class),
        ];
    }

    /**
     * @return list<FormRow>
     * @throws EditRefused when the text cannot be read at all
     */
    public function read(string $text, Controller $controller): array
    {
        try {
            $rows = PinTable::read($text, $controller);
        } catch (\InvalidArgumentException $fault) {
            throw new EditRefused($fault->getMessage(), previous: $fault);
        }

        return self::paired(array_map(static function (PinTableRow $row): array {
            $best = $row->reading?->best();
            $choices = [];
            if (true === $row->reading?->isAmbiguous()) {
                foreach (array_filter(
                    [$best, $row->reading->asLabel, $row->reading->asNumber],
                    static fn(?Pin $pin): bool => null !== $pin,
                ) as $pin) {
                    $choices[$pin->name()] = $pin->bothNames();
                }
            }

            return [
                'line' => (string) $row->line,
                'text' => $row->text,
                'name' => $row->name,
                'kind' => $row->kind->value,
                'pin' => $best?->name() ?? '',
                'choices' => $choices,
                'appliance' => self::applianceFor($row->name),
                'doubt' => $row->doubt,
                'take' => $row->isReadable() && $row->isKindKnown,
                'operates' => '',
            ];
        }, $rows));
    }

    /**
     * The rows as a form sends them back.
     *
     * @return list<FormRow>
     */
    public function sent(mixed $fields): array
    {
        $rows = [];
        foreach (is_array($fields) ? $fields : [] as $field) {
            if (!is_array($field)) {
                continue;
            }
            $text = static fn(string $name): string => is_string($field[$name] ?? null) ? mb_substr($field[$name], 0, 400) : '';
            $choices = [];
            foreach (is_array($field['choices'] ?? null) ? $field['choices'] : [] as $value => $words) {
                $choices[(string) $value] = is_string($words) ? $words : (string) $value;
            }
            $rows[] = [
                'line' => $text('line'),
                'text' => $text('text'),
                'name' => trim($text('name')),
                'kind' => $text('kind'),
                'pin' => trim($text('pin')),
                'choices' => $choices,
                'appliance' => $text('appliance'),
                'doubt' => $text('doubt'),
                'take' => '1' === $text('take'),
                'operates' => trim($text('operates')),
            ];
        }

        return $rows;
    }

    /**
     * The rows that are to be taken.
     *
     * @param list<FormRow> $rows
     * @return list<PinTableEntry>
     * @throws EditRefused naming the row that cannot be taken
     */
    public function entries(array $rows): array
    {
        $entries = [];
        foreach ($rows as $row) {
            if (!$row['take']) {
                continue;
            }
            $appliance = $this->catalogue->part($row['appliance']);
            $kind = FunctionKind::tryFrom($row['kind']);
            if ('' === $row['name']) {
                throw new EditRefused(sprintf('Row %s has no name. Give it one, or leave it out.', $row['line']));
            }
            if (null === $kind || !$appliance instanceof Appliance) {
                throw new EditRefused(sprintf('Choose the kind and the appliance of row %s from their lists.', $row['line']));
            }
            $entries[] = new PinTableEntry($row['name'], $kind, $row['pin'], $appliance, $kind->isContact() ? $row['operates'] : '');
        }

        return [] === $entries ? throw new EditRefused('No row is marked to be taken. Tick at least one.') : $entries;
    }

    /**
     * A switch and a relay that are told apart by those words alone, such as “Switch 2” and “Relay 2”, are proposed as a pair.
     *
     * @param list<FormRow> $rows
     * @return list<FormRow>
     */
    private static function paired(array $rows): array
    {
        $relays = [];
        foreach ($rows as $row) {
            if (FunctionKind::RelayOutput->value === $row['kind'] && $row['take']) {
                $relays[self::stem($row['name'])] ??= $row['name'];
            }
        }

        return array_map(static fn(array $row): array => [
            ...$row,
            'operates' => true === FunctionKind::tryFrom($row['kind'])?->isContact() ? $relays[self::stem($row['name'])] ?? '' : '',
        ], $rows);
    }

    /** What is left of a name without the words for what it is. */
    private static function stem(string $name): string
    {
        $words = (string) preg_replace('/\b(relay|rel|rly|switch|sw|button|btn|push|wall|key|k)(?=\d|\b)/', ' ', mb_strtolower($name));

        return (string) preg_replace('/[^\p{L}\p{N}]+/u', '', $words);
    }

    private static function applianceFor(string $name): string
    {
        foreach (self::APPLIANCES as $word => $appliance) {
            if (str_contains(strtolower($name), $word)) {
                return $appliance;
            }
        }

        return self::USUAL_APPLIANCE;
    }
}
