<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\UsualFacts;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\RecordShape;
use IronLatch\Core\Record\ValueKind;

/** Takes back what was said: nobody knows it any more, or nobody ever did. What is usually assumed there is assumed again. */
#[Says(Nature::Choice)]
final readonly class TakeBack implements Edit
{
    /**
     * @param list<string> $facts where they stand, such as “L1.safety.outlet” or “box.touchable”
     */
    public function __construct(
        #[ListOf('string')]
        public array $facts,
    ) {}

    public function apply(Board $board): Board
    {
        $after = $board;
        foreach ($this->facts as $fact) {
            $silent = self::without($board, $after, self::stepsTo($board, $fact));
            $after = $silent instanceof Board ? $silent : throw new EditRefused(sprintf(
                'The board holds no fact “%s” that could be taken back. Look at the newest revision.',
                mb_substr($fact, 0, 60),
            ));
        }

        return $after === $board ? throw new EditRefused('Nothing was said of it that could be taken back.') : $after;
    }

    public function summary(Board $board): string
    {
        return LostFacts::after('Take back what was said', $board, $this);
    }

    /**
     * @return list<string> from the board itself
     */
    private static function stepsTo(Board $board, string $fact): array
    {
        $steps = explode('.', $fact);
        if (isset($board->actuators()[$steps[0]])) {
            return ['lines', $board->lineOf($steps[0]), 'actuators', ...$steps];
        }
        foreach (get_object_vars($board) as $field => $value) {
            if (is_array($value) && is_object($value[$steps[0]] ?? null)) {
                return [$field, ...$steps];
            }
        }

        return $steps;
    }

    /**
     * @param list<string> $steps
     * @return ?object the same one where nothing was said; null where the steps lead to no fact
     */
    private static function without(Board $board, object $record, array $steps): ?object
    {
        $field = array_shift($steps) ?? '';
        $kind = (RecordShape::of($record::class)->fields[$field] ?? null)?->value->kind;
        $value = null === $kind ? null : get_object_vars($record)[$field];
        if (ValueKind::Fact === $kind) {
            return [] === $steps ? self::silent($board, $record, $field, $value) : null;
        }
        $key = is_array($value) ? (string) array_shift($steps) : '';
        $inner = is_array($value) ? $value[$key] ?? null : $value;
        $changed = is_object($inner) ? self::without($board, $inner, $steps) : null;

        return match ($changed) {
            null => null,
            $inner => $record,
            default => Copy::of($record, [$field => is_array($value) ? [...$value, $key => $changed] : $changed]),
        };
    }

    private static function silent(Board $board, object $record, string $field, mixed $fact): object
    {
        return $fact instanceof Fact && ($fact->isStated() || $fact->isTarget())
            ? Copy::of($record, [$field => UsualFacts::of($board, $record, $field)])
            : $record;
    }
}
