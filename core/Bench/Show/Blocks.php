<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench\Show;

use IronLatch\Core\Bench\Course;
use IronLatch\Core\Bench\Deed;
use IronLatch\Core\Bench\DeedKind;
use IronLatch\Core\Bench\Happening;
use IronLatch\Core\Bench\Happens;
use IronLatch\Core\Bench\Operated;
use IronLatch\Core\Catalogue\Need;
use IronLatch\Core\Program\Micros;
use IronLatch\Core\Review\Inspection;

/** The program waits for a network that is gone, and hears no hand meanwhile. */
final class Blocks implements Demonstration
{
    public static function rules(): array
    {
        return ['controls.reconnect-blocks'];
    }

    public function situation(Inspection $inspection, string $rule, string $subject): ?Situation
    {
        $need = ($inspection->controls->routes[$subject] ?? null)?->hops[0]->needs()[0] ?? null;
        if (!$need instanceof Need) {
            return null;
        }
        $key = $need->isOfOneHop() ? $subject . ' ' . $need->value : $need->value;
        $gone = new Deed(Staged::READY_SECONDS, DeedKind::Outage, $key);
        $alone = Course::of($inspection, Staged::script(60.0, $gone));
        $waits = self::waits($alone, $subject)[0] ?? null;
        if (null === $waits) {
            return null;
        }
        // A hand comes just as it begins to wait.
        $from = Micros::seconds($waits->micros) + 0.1;
        [$hand, $line] = self::hand($inspection, $from);

        return new Situation(
            Staged::script($from + (float) $waits->value + 2.0, $gone, ...$hand),
            $subject,
            sprintf(
                'What “%s” needs is gone; each time the program seeks it, everything else waits.',
                $inspection->board->channels[$subject]->name,
            ),
            static fn(Course $course): bool => [] !== self::waits($course, $subject)
                && ([] === $hand || !Staged::moves($course, $line, $from, $from + Operated::PROMPT_SECONDS)),
        );
    }

    /**
     * Waits that are longer than what people feel as at once.
     *
     * @return list<Happening>
     */
    private static function waits(Course $course, string $channel): array
    {
        return array_values(array_filter(
            $course->all(Happens::Waits, $channel),
            static fn(Happening $one): bool => (float) $one->value >= Operated::PROMPT_SECONDS,
        ));
    }

    /**
     * A hand beside the board that asks for a line.
     *
     * @return array{list<Deed>, string}
     */
    private static function hand(Inspection $inspection, float $from): array
    {
        foreach ($inspection->controls->entries as $entry) {
            $operated = $entry->kind->isByHand()
                ? Operated::by($inspection->board, $inspection->controls, $entry)
                : null;
            if (null !== $operated?->on && null === $inspection->board->lines[$entry->line]->safety?->restSeconds) {
                return [
                    array_map(
                        static fn(Deed $one): Deed => Deed::of($from + $one->at, $one->do, $one->what, $one->value, $one->for),
                        $operated->on,
                    ),
                    $entry->line,
                ];
            }
        }

        return [[], ''];
    }
}
