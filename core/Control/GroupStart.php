<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Mains\LivePath;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** What lines that are switched on together draw from the mains for a moment: all in one moment, or one after the other. */
final readonly class GroupStart
{
    private const SOURCE = 'inrush by kind of load: common practice, from memory';

    private function __construct(public string $name, public Figure $atOnce, public Figure $staggered) {}

    /**
     * Every group that switches on, and the lines that come back after a power cut.
     *
     * @return list<self>
     */
    public static function all(Board $board, LivePath $mains): array
    {
        $sets = [];
        foreach ($board->lineGroups as $group) {
            if ([] !== $group->startable()) {
                $sets[] = [$group->name, $group->startable()];
            }
        }
        $sets[] = [
            'After a power cut',
            array_keys(array_filter(
                $board->lines,
                static fn(Line $line): bool => in_array($line->safety?->restore?->value, [RestorePolicy::Last, RestorePolicy::On], true),
            )),
        ];
        $starts = [];
        foreach ($sets as [$name, $lines]) {
            $start = self::of($board, $mains, $name, $lines);
            if (null !== $start) {
                $starts[] = $start;
            }
        }

        return $starts;
    }

    /**
     * @param list<string> $lines in the order in which they start
     */
    private static function of(Board $board, LivePath $mains, string $name, array $lines): ?self
    {
        $atOnce = $running = $most = 0.0;
        $inputs = [];
        foreach ($lines as $id) {
            $line = $board->lines[$id];
            $first = array_key_first($line->actuators);
            if (null === $first || null !== $board->appliance($line)->dcVolts) {
                continue;
            }
            $amps = $mains->contacts[$first]->amps->value;
            $inrush = $board->appliance($line)->load->inrush();
            $atOnce += $inrush * $amps;
            $most = max($most, $running + $inrush * $amps);
            $running += $amps;
            $inputs[] = sprintf('%s %s × %g', $line->name, QuantityPrinter::rounded($amps, Unit::Ampere), $inrush);
        }

        return count($inputs) < 2 ? null : new self(
            $name,
            new Figure('for a moment, all at once', $atOnce, Unit::Ampere, 'Σ n · I', $inputs, 'rated power', self::SOURCE),
            new Figure(
                'for a moment, one after the other',
                $most,
                Unit::Ampere,
                'greatest of Σ I (running) + n · I (starting)',
                $inputs,
                'rated power, each start over before the next',
                self::SOURCE,
            ),
        );
    }
}
