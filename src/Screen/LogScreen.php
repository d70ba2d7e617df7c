<?php

declare(strict_types=1);

namespace IronLatch\Screen;

use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Log\BoardCopy;
use IronLatch\Core\Log\CopyState;
use IronLatch\Core\Log\Log;
use IronLatch\Core\Log\Note;
use IronLatch\Core\Log\Order;
use IronLatch\Core\Log\OverCopies;
use IronLatch\Core\Log\Ownership;
use IronLatch\Core\Log\RevisionChange;
use IronLatch\Core\Log\WayIntoUse;
use IronLatch\Core\Power\DayProfile;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Log\CopyWalk;
use IronLatch\Log\LogBook;
use IronLatch\View\OrderLine;
use IronLatch\View\SpreadPlot;

/** What was ordered, built, measured and noted. */
final readonly class LogScreen implements Screen
{
    /** More are not compared at once: each is inspected anew. */
    private const MOST_REVISIONS = 8;

    public function __construct(private LogBook $book, private CopyWalk $walks) {}

    public static function name(): string
    {
        return 'log';
    }

    public function context(Look $look): array
    {
        $log = $this->book->of($look->opened);
        $chosen = $log->copies[$look->open] ?? null;
        $known = $this->inspected($look, $log, $chosen);
        $inHand = $look->opened->revision->number();
        $ways = $walks = [];
        foreach ($log->copies as $id => $copy) {
            // What this desk has not is walked by the revision in hand, which is said there.
            $number = null === $this->book->revision($look->opened, $copy->revision) ? $inHand : $copy->revision;
            $ways[$number] ??= isset($known[$number]) ? WayIntoUse::of(
                $known[$number],
                $number === $inHand ? $look->report : Inspector::withRuleBook()->inspect($known[$number]),
            ) : null;
            $walks[$id] = $ways[$number]?->walk($copy, $this->book->today());
        }
        $before = null === $chosen || $chosen->revision === $inHand ? null : $known[$chosen->revision] ?? null;

        return [
            'log' => $log,
            'walks' => $walks,
            'orders' => self::orders($log),
            'times' => OrderLine::of($log->orders, $this->book->today()),
            'late' => array_filter(
                $log->orders,
                fn(Order $order): bool => $order->isOpen() && '' !== $order->expected && $order->expected < $this->book->today(),
            ),
            'chosen_id' => null === $chosen ? '' : $look->open,
            'chosen' => $chosen,
            'up_to_date' => null === $before ? null : RevisionChange::between($before, $look->inspection),
            'against' => null === $chosen ? null : $this->book->revision($look->opened, $chosen->revision),
            'revisions' => $this->revisions($look, $log, $known),
            'plots' => array_map(SpreadPlot::of(...), array_values(array_filter(
                OverCopies::all(self::steps(array_filter($ways)), $log->copies),
                static fn(OverCopies $over): bool => count($over->values) > 1 || $over->isFaultOfDesign(),
            ))),
            'costs' => Ownership::of($look->inspection, $log),
            'hours' => Ownership::hours($log),
            'day' => DayProfile::of($look->inspection->power->flows),
            'states' => array_column(CopyState::cases(), 'value'),
            'forms' => array_column(BuildForm::cases(), 'value'),
            'last_entry' => $this->book->lastEntry($look->opened),
            'today' => $this->book->today(),
            'faults' => array_filter($log->notes, static fn(Note $note): bool => $note->isOpenFault()),
            'sent' => [],
        ];
    }

    /**
     * Steps by which copies are compared: of the revision in hand, and of others what it does not have.
     *
     * @param array<int, WayIntoUse> $known by revision
     * @return list<\IronLatch\Core\Log\CommissioningStep>
     */
    private static function steps(array $known): array
    {
        krsort($known);
        $all = [];
        foreach ($known as $way) {
            foreach ($way->steps as $step) {
                $all[$step->key] ??= $step;
            }
        }

        return array_values($all);
    }

    /**
     * @return array<string, Order> what is awaited first, then the newest
     */
    private static function orders(Log $log): array
    {
        $orders = $log->orders;
        uasort(
            $orders,
            static fn(Order $one, Order $other): int => [$other->isOpen(), $other->ordered] <=> [$one->isOpen(), $one->ordered],
        );

        return $orders;
    }

    /**
     * The newest revisions that the log speaks of, the one in hand and that of the copy that is open, each inspected once.
     *
     * @return array<int, Inspection> by number
     */
    private function inspected(Look $look, Log $log, ?BoardCopy $chosen): array
    {
        $inHand = $look->opened->revision->number();
        $newest = array_slice(array_reverse(self::numbers($look, $log)), 0, self::MOST_REVISIONS);
        $inspected = [];
        foreach (array_unique([$inHand, $chosen->revision ?? $inHand, ...$newest]) as $number) {
            if ($number === $inHand) {
                $inspected[$number] = $look->inspection;
            } elseif (null !== $this->book->revision($look->opened, $number)) {
                $inspected[$number] = $this->walks->inspection($look->opened, $number);
            }
        }

        return $inspected;
    }

    /** @return list<int> of every revision that was ordered, built or found at fault, and the one in hand; the oldest first */
    private static function numbers(Look $look, Log $log): array
    {
        $numbers = array_unique(array_filter([
            $look->opened->revision->number(),
            ...array_values(array_map(static fn(BoardCopy $copy): int => $copy->revision, $log->copies)),
            ...array_values(array_map(static fn(Order $order): ?int => $order->revision, $log->orders)),
            ...array_values(array_map(static fn(Note $note): ?int => $note->revision, $log->notes)),
        ], is_int(...)));
        sort($numbers);

        return $numbers;
    }

    /**
     * What each revision is, the newest first.
     *
     * @param array<int, Inspection> $known by number
     * @return array<int, array{copies: list<string>, faults: list<Note>, change: ?RevisionChange, against: int, is_known: bool}>
     */
    private function revisions(Look $look, Log $log, array $known): array
    {
        $rows = [];
        $last = null;
        foreach (self::numbers($look, $log) as $number) {
            $now = $known[$number] ?? null;
            $rows[$number] = [
                'copies' => array_values(array_map(
                    static fn(BoardCopy $copy): string => $copy->serial,
                    array_filter($log->copies, static fn(BoardCopy $copy): bool => $copy->revision === $number),
                )),
                'faults' => array_values($log->openFaults($number)),
                'change' => null === $last || null === $now ? null : RevisionChange::between($known[$last], $now),
                'against' => $last ?? 0,
                'is_known' => null !== $now || null !== $this->book->revision($look->opened, $number),
            ];
            $last = null === $now ? $last : $number;
        }

        return array_reverse($rows, true);
    }
}
