<?php

declare(strict_types=1);

namespace IronLatch\Screen;

use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Exchange\Firmware\ProgramChange;
use IronLatch\Core\Log\CopyState;
use IronLatch\Core\Log\Log;
use IronLatch\Core\Log\Note;
use IronLatch\Core\Log\Order;
use IronLatch\Core\Log\OverCopies;
use IronLatch\Core\Log\Ownership;
use IronLatch\Core\Log\Walk;
use IronLatch\Core\Power\DayProfile;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Wiring\Listing\WiringDiff;
use IronLatch\Log\CopyWalk;
use IronLatch\Log\LogBook;
use IronLatch\Storage\BoardStore;
use IronLatch\View\SpreadPlot;

/** What was ordered, built, measured and noted. */
final readonly class LogScreen implements Screen
{
    public function __construct(private LogBook $book, private CopyWalk $walks, private BoardStore $store) {}

    public static function name(): string
    {
        return 'log';
    }

    public function context(Look $look): array
    {
        $log = $this->book->of($look->opened);
        $steps = $walks = [];
        foreach ($log->copies as $id => $copy) {
            $steps[$copy->revision] ??= $this->walks->steps($look->opened, $copy->revision);
            $walks[$id] = new Walk($steps[$copy->revision], $copy);
        }
        $chosen = $log->copies[$look->open] ?? null;

        return [
            'log' => $log,
            'walks' => $walks,
            'orders' => self::orders($log),
            'late' => array_filter(
                $log->orders,
                fn(Order $order): bool => $order->isOpen() && '' !== $order->expected && $order->expected < $this->book->today(),
            ),
            'chosen_id' => null === $chosen ? '' : $look->open,
            'chosen' => $chosen,
            'up_to_date' => null === $chosen ? null : $this->upToDate($look, $chosen->revision),
            'plots' => array_map(SpreadPlot::of(...), array_values(array_filter(
                OverCopies::all(self::steps($steps), $log->copies),
                static fn(OverCopies $over): bool => count($over->values) > 1 || $over->isFaultOfDesign(),
            ))),
            'costs' => Ownership::of($look->inspection, $log),
            'hours' => Ownership::hours($log),
            'day' => DayProfile::of($look->inspection->power->flows),
            'states' => array_column(CopyState::cases(), 'value'),
            'forms' => array_column(BuildForm::cases(), 'value'),
            'last_entry' => $this->book->lastEntry($look->opened),
            'today' => $this->book->today(),
            'stamp' => 'revision ' . $look->opened->revision->number(),
            'faults' => array_filter($log->notes, static fn(Note $note): bool => $note->isOpenFault()),
            'sent' => [],
        ];
    }

    /**
     * Steps by which copies are compared: of the revision in hand, and of others what it does not have.
     *
     * @param array<int, list<\IronLatch\Core\Log\CommissioningStep>> $known
     * @return list<\IronLatch\Core\Log\CommissioningStep>
     */
    private static function steps(array $known): array
    {
        krsort($known);
        $all = [];
        foreach ($known as $steps) {
            foreach ($steps as $step) {
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
     * What brings a copy of an earlier revision up to this one; null for one that is, or that cannot be compared.
     *
     * @return ?array{diff: WiringDiff, program: ProgramChange, against: string, euros: float} with what its parts cost more
     */
    private function upToDate(Look $look, int $revision): ?array
    {
        $id = $revision === $look->opened->revision->number() ? null : $this->book->revision($look->opened, $revision);
        if (null === $id) {
            return null;
        }
        $before = $this->store->at($look->opened->record, $id)->board;
        $was = new Inspection($before, null, $look->inspection->prices);

        return [
            'diff' => WiringDiff::between($was->connections(), $look->inspection->connections()),
            'program' => ProgramChange::ofBoards($before, $look->inspection->board),
            'against' => $id,
            'euros' => $look->inspection->partsList()->knownEuros() - $was->partsList()->knownEuros(),
        ];
    }
}
