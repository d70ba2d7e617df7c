<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\Pin;

/** Why a function sits where it sits, and what else there would be. */
final readonly class WhyHere
{
    private const MOST_NAMED = 4;

    /**
     * @param list<string> $sentences
     */
    private function __construct(public array $sentences) {}

    public static function of(Board $board, Fitness $fitness, string $function): self
    {
        $seat = $board->seats[$function] ?? null;
        if (null === $seat) {
            return new self(['It has no pin yet.']);
        }
        $pin = $board->controller()->pins[$seat->pin];
        $here = $fitness->judge($function, $pin);
        $sentences = [];
        if ($seat->locked) {
            $sentences[] = 'Locked here: seating leaves it alone.';
        }
        if (isset($board->frozenSeats[$function])) {
            $sentences[] = sprintf('Frozen on %s: a firmware relies on it.', $board->frozenSeats[$function]);
        }
        $sentences[] = sprintf(
            'On %s it sits %s: %s.',
            $pin->bothNames(),
            self::adverb($here->grade),
            [] === $here->reasons ? 'nothing speaks against it' : implode('; ', $here->reasons),
        );
        $free = array_filter($board->controller()->pins, static fn(Pin $other): bool => [] === $board->functionsOn($other->name()));
        $better = array_values(array_filter(
            $free,
            static fn(Pin $other): bool => $fitness->judge($function, $other)->isPossible
                && $fitness->judge($function, $other)->isBetterThan($here),
        ));
        $sentences[] = match (true) {
            [] !== $better => sprintf(
                'Better and free: %s%s.',
                implode(', ', array_map(static fn(Pin $other): string => $other->bothNames(), array_slice($better, 0, self::MOST_NAMED))),
                count($better) > self::MOST_NAMED ? sprintf(' and %d more', count($better) - self::MOST_NAMED) : '',
            ),
            [] === $free => 'Every other pin is taken.',
            default => sprintf('None of the %d free pins is better.', count($free)),
        };

        return new self($sentences);
    }

    private static function adverb(FitGrade $grade): string
    {
        return match ($grade) {
            FitGrade::Good => 'well',
            FitGrade::Usable => 'usably',
            FitGrade::Poor => 'poorly',
            FitGrade::Never => 'wrongly',
        };
    }
}
