<?php

declare(strict_types=1);

namespace IronLatch\Log;

use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Log\BoardCopy;
use IronLatch\Core\Log\CopyState;
use IronLatch\Core\Log\Log;
use IronLatch\Core\Log\Note;
use IronLatch\Core\Log\Order;
use IronLatch\Core\Quantity\NotAQuantity;
use IronLatch\Core\Quantity\QuantityParser;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use Symfony\Component\HttpFoundation\InputBag;

/** What was typed into a form of the log. */
final readonly class LogForms
{
    /**
     * @param InputBag<bool|float|int|string> $fields
     * @param \Closure(int): bool $isRevision whether the board has a revision of that number
     * @param list<string> $files SHA-256 of what was chosen beside it
     */
    public function __construct(
        private InputBag $fields,
        private string $today,
        private \Closure $isRevision,
        private array $files = [],
    ) {}

    public function summary(string $what, ?string $id): string
    {
        return match ($what) {
            'order' => sprintf('%s “%s”', null === $id ? 'Ordered' : 'Changed the order of', $this->text('text')),
            'copy' => sprintf('%s copy %s', null === $id ? 'Began' : 'Changed', $this->text('serial')),
            default => null === $id ? 'Noted something' : 'Changed a note',
        };
    }

    /** @throws \InvalidArgumentException when it cannot be so */
    public function changed(Log $log, string $what, ?string $id): Log
    {
        return match ($what) {
            'order' => $log->withOrder($this->order($log->orders[$id ?? ''] ?? null), $id),
            'copy' => $log->withCopy($this->copy($log->copies[$id ?? ''] ?? null), $id),
            'note' => $log->withNote($this->note($log->notes[$id ?? ''] ?? null), $id),
            default => throw new \InvalidArgumentException('Nothing was put down: say what it is.'),
        };
    }

    private function text(string $field): string
    {
        return mb_substr(trim((string) preg_replace('/\s+/u', ' ', $this->fields->getString($field))), 0, 500);
    }

    private function count(string $field): ?int
    {
        $text = $this->text($field);

        return '' === $text ? null : (1 === preg_match('/^\d{1,6}$/', $text)
            ? (int) $text
            : throw new \InvalidArgumentException(sprintf('“%s” is no number of pieces or revision. Write digits.', $text)));
    }

    /** What was said before may stand, though it came from another desk. */
    private function revision(?int $before): ?int
    {
        $number = $this->count('revision');

        return null === $number || $number === $before || ($this->isRevision)($number)
            ? $number
            : throw new \InvalidArgumentException(sprintf('This board has no revision %d. See its revisions for the number.', $number));
    }

    /** @throws \InvalidArgumentException where it is left out: nobody else can say it */
    private function statedRevision(?int $before, string $of): int
    {
        return $this->revision($before) ?? throw new \InvalidArgumentException(sprintf('Say which revision %s.', $of));
    }

    private function quantity(string $field, Unit $unit): ?float
    {
        $text = $this->text($field);
        try {
            return '' === $text ? null : QuantityParser::parse($text, $unit);
        } catch (NotAQuantity $fault) {
            throw new \InvalidArgumentException($fault->getMessage(), previous: $fault);
        }
    }

    private function order(?Order $before): Order
    {
        return new Order(
            $this->text('text'),
            $this->count('count') ?? 1,
            $this->text('from'),
            $this->text('ordered'),
            $this->text('expected'),
            $this->text('arrived'),
            $this->quantity('euros', Unit::Euro),
            $this->revision($before?->revision),
            array_values(array_unique([...$before->files ?? [], ...$this->files])),
        );
    }

    private function copy(?BoardCopy $before): BoardCopy
    {
        $hours = $this->quantity('hours', Unit::Hour);
        $said = [
            'serial' => $this->text('serial'),
            'revision' => $this->statedRevision($before?->revision, 'it is built after'),
            'form' => BuildForm::tryFrom($this->text('form')),
            'program' => $this->text('program'),
            'secrets' => $this->text('secrets'),
            'place' => $this->text('place'),
            'state' => CopyState::tryFrom($this->text('state')) ?? CopyState::Building,
            'holder' => $this->text('holder'),
            'begun' => $this->text('begun'),
            'workSeconds' => null === $hours ? null : 3600 * $hours,
        ];

        return null === $before ? new BoardCopy(...$said) : Copy::of($before, $said);
    }

    private function note(?Note $before): Note
    {
        $isFault = $this->fields->getBoolean('fault');

        return new Note(
            $this->text('text'),
            $this->text('about'),
            $before->at ?? $this->today,
            $isFault ? $this->statedRevision($before?->revision, 'the fault stands in') : null,
            $this->fields->getBoolean('mended') ? self::first($before->mended ?? '', $this->today) : '',
            $before->pictures ?? [],
        );
    }

    private static function first(string $one, string $other): string
    {
        return '' === $one ? $other : $one;
    }
}
