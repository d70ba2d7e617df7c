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
use IronLatch\Log\CopyWalk;
use IronLatch\Log\LogBook;
use IronLatch\Storage\BoardStore;
use IronLatch\View\OrderLine;
use IronLatch\View\SpreadPlot;

/** What was ordered, built, measured and noted. */
final readonly class LogScreen implements Screen
{
    /** More are not compared at once: each is inspected anew. */
    private const MOST_REVISIONS = 8;

    public function __construct(private LogBook $book, private CopyWalk $walks, private BoardStore $store) {}

    public static function name(): string
    {
        return 'log';
    }

    public function context(Look $look): array
    {
        $log = $this->book->of($look->opened);
        $ways = $walks = [];
        foreach ($log->copies as $id => $copy) {
            $ways[$copy->revision] ??= $copy->revision === $look->opened->revision->number()
                ? WayIntoUse::of($look->inspection, $look->report)
                : $this->walks->way($look->opened, $copy->revision);
            $walks[$id] = $ways[$copy->revision]->walk($copy, $this->book->today());
        }
        $chosen = $log->copies[$look->open] ?? null;

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
            'up_to_date' => null === $chosen ? null : $this->upToDate($look, $chosen->revision),
            'against' => null === $chosen ? null : $this->book->revision($look->opened, $chosen->revision),
            'revisions' => $this->revisions($look, $log),
            'plots' => array_map(SpreadPlot::of(...), array_values(array_filter(
                OverCopies::all(self::steps($ways), $log->copies),
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

    /** What brings a copy of another revision up to this one; null for one that is, or that cannot be compared. */
    private function upToDate(Look $look, int $revision): ?RevisionChange
    {
        $was = $this->inspected($look, $revision);

        return null === $was || $revision === $look->opened->revision->number() ? null : RevisionChange::between($was, $look->inspection);
    }

    /** A revision of this board by the same prices; null where this desk has none of that number. */
    private function inspected(Look $look, int $revision): ?Inspection
    {
        if ($revision === $look->opened->revision->number()) {
            return $look->inspection;
        }
        $id = $this->book->revision($look->opened, $revision);

        return null === $id
            ? null
            : new Inspection($this->store->at($look->opened->record, $id)->board, null, $look->inspection->prices);
    }

    /**
     * Every revision that was ordered, built or found at fault, and the one in hand; the newest first.
     *
     * @return array<int, array{copies: list<string>, faults: list<Note>, change: ?RevisionChange, against: int, is_known: bool}>
     */
    private function revisions(Look $look, Log $log): array
    {
        $numbers = array_unique([
            $look->opened->revision->number(),
            ...array_map(static fn(BoardCopy $copy): int => $copy->revision, array_values($log->copies)),
            ...array_values(array_map(static fn(Order $order): ?int => $order->revision, $log->orders)),
            ...array_values(array_map(static fn(Note $note): ?int => $note->revision, $log->notes)),
        ]);
        $numbers = array_filter($numbers, is_int(...));
        sort($numbers);
        $rows = [];
        $before = null;
        foreach ($numbers as $place => $number) {
            $now = $place < count($numbers) - self::MOST_REVISIONS ? null : $this->inspected($look, $number);
            $last = array_key_last($rows);
            $rows[$number] = [
                'copies' => array_values(array_map(
                    static fn(BoardCopy $copy): string => $copy->serial,
                    array_filter($log->copies, static fn(BoardCopy $copy): bool => $copy->revision === $number),
                )),
                'faults' => array_values($log->openFaults($number)),
                'change' => null === $before || null === $now ? null : RevisionChange::between($before, $now),
                'against' => $last ?? 0,
                'is_known' => null !== $this->book->revision($look->opened, $number),
            ];
            $before = $now ?? $before;
        }

        return array_reverse($rows, true);
    }
}
