<?php

declare(strict_types=1);

namespace IronLatch\View;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Wiring\Area;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\Listing\ContinuityList;
use IronLatch\Core\Wiring\Listing\ContinuityRow;
use IronLatch\Core\Wiring\Listing\CuttingList;
use IronLatch\Core\Wiring\Listing\TerminalPlan;
use IronLatch\Core\Wiring\Listing\WiringList;
use IronLatch\Core\Wiring\MainsSide;
use IronLatch\Core\Wiring\Sheet\Layout;
use IronLatch\Core\Wiring\Sheet\Run;
use IronLatch\Core\Wiring\Sheet\Sheet;
use IronLatch\Core\Wiring\Wire;
use IronLatch\Core\Wiring\WiredDevice;

/** What the Wiring view shows: a drawing or a list, and what is opened on it. */
final readonly class WiringDrawing
{
    public const TABS = [
        'low' => 'Low voltage',
        'hand' => 'Hand side',
        'mains' => 'Mains',
        'box' => 'The whole box',
        'wires' => 'Wiring list',
        'cutting' => 'Cutting list',
        'terminals' => 'Terminals',
        'continuity' => 'Continuity',
        'changes' => 'What changes',
    ];

    public function __construct(private Board $board, private Connections $connections) {}

    /**
     * Which tab and what on it: “low.K31”, “mains.L2”.
     *
     * @return array{string, string}
     */
    public static function opened(string $open): array
    {
        [$tab, $thing] = [...explode('.', $open, 2), ''];

        return [isset(self::TABS[$tab]) ? $tab : 'low', $thing];
    }

    /** @return list<Sheet> */
    public function sheets(string $tab): array
    {
        $area = Area::tryFrom($tab);

        return null === $area ? [] : (new Layout($this->connections, $area))->sheets();
    }

    /**
     * @param array<string, true> $nets
     * @return list<Sheet> those that one of these nets is drawn on
     */
    public function changed(array $nets): array
    {
        $sheets = [];
        foreach ([] === $nets ? [] : Area::cases() as $area) {
            foreach ((new Layout($this->connections, $area))->sheets() as $sheet) {
                if ([] !== array_filter($sheet->runs, static fn(Run $run): bool => isset($nets[$run->net]))) {
                    $sheets[] = $sheet;
                }
            }
        }

        return $sheets;
    }

    /**
     * @return array<string, mixed> what a list tab shows
     */
    public function lists(string $tab): array
    {
        return match ($tab) {
            'wires' => ['bundles' => WiringList::of($this->connections)],
            'cutting' => ['rows' => CuttingList::of($this->connections)],
            'terminals' => ['rows' => TerminalPlan::of($this->connections)],
            'continuity' => ['steps' => $this->steps()],
            default => [],
        };
    }

    /**
     * @return array<string, list<ContinuityRow>> by step, in their order
     */
    private function steps(): array
    {
        $steps = [];
        foreach ((new ContinuityList($this->board, $this->connections))->rows() as $row) {
            $steps[$row->step][] = $row;
        }

        return $steps;
    }

    /**
     * What is lit: the net of a wire, a device with all that comes to it, everything of a line from finger to filament.
     *
     * @return array<string, true> nets and devices
     */
    public function lit(string $thing): array
    {
        if (isset($this->board->lines[$thing])) {
            return $this->ofLine($thing);
        }
        $wire = $this->connections->wires[$thing] ?? null;
        if (null !== $wire) {
            return [$wire->net => true];
        }

        return isset($this->connections->devices[$thing]) ? [$thing => true] : [];
    }

    /**
     * @return array<string, true>
     */
    private function ofLine(string $line): array
    {
        $subjects = $this->board->lines[$line]->subjects($line);
        $lit = [];
        foreach ($this->connections->devices as $device) {
            if (isset($subjects[$device->subject])) {
                $lit[$device->id] = true;
            }
        }
        foreach ($this->connections->nets as $net) {
            $own = array_filter(
                $this->connections->wires,
                static fn(Wire $wire): bool => $wire->net === $net->id && isset($subjects[$wire->to->subject]),
            );
            if ([] !== $own && !$net->kind->isShared()) {
                $lit[$net->id] = true;
            }
        }

        return $lit;
    }

    /**
     * The channels of a package that relays sit on.
     *
     * @return array<string, int> by relay
     */
    public function channels(string $device): array
    {
        $channels = [];
        foreach ($this->board->actuators() as $id => $actuator) {
            foreach ($this->connections->nets[$actuator->function]->ends ?? [] as $end) {
                if ($end->device === $device && 1 === preg_match('/\d+/', $end->terminal, $found)) {
                    $channels[$id] = (int) $found[0];
                }
            }
        }

        return $channels;
    }

    /**
     * The orders of the terminals that move those of one line by a place among its like: lines of the mains and others stand apart.
     *
     * @return array<string, list<string>> all lines in their new order, by what it is called
     */
    public function moves(string $line): array
    {
        if (!isset($this->board->lines[$line])) {
            return [];
        }
        $isOnMains = fn(string $id): bool => MainsSide::isOnMains($this->board, $this->board->lines[$id]);
        $all = array_unique([...$this->board->wiring->order, ...array_keys($this->board->lines)]);
        $order = array_values(array_filter($all, static fn(string $id): bool => $isOnMains($id) === $isOnMains($line)));
        $at = (int) array_search($line, $order, true);
        $moved = static function (int $to) use ($order, $at): array {
            [$order[$at], $order[$to]] = [$order[$to], $order[$at]];

            return array_values($order);
        };

        return [
            ...$at > 0 ? ['Move its terminals up' => $moved($at - 1)] : [],
            ...$at < count($order) - 1 ? ['Move its terminals down' => $moved($at + 1)] : [],
        ];
    }

    public function device(string $thing): ?WiredDevice
    {
        return $this->connections->devices[$thing] ?? null;
    }

    /**
     * The view in which the facts of a device are set, what is opened there, and what that is.
     *
     * @return ?array{view: string, open: string, words: string} null for what is set here
     */
    public function home(string $thing): ?array
    {
        $subject = $this->device($thing)->subject ?? '';
        $home = static fn(string $view, string $words): array => ['view' => $view, 'open' => $subject, 'words' => $words];

        return match (true) {
            isset($this->board->actuators()[$subject]) => $home('drive', 'Its driver'),
            isset($this->board->lines[$subject]) => $home('mains', 'Its line on Mains'),
            isset($this->board->functions[$subject]) => $home('pins', 'Its function on Pins'),
            isset($this->board->rails[$subject]) => $home('power', 'Its rail on Power'),
            isset($this->board->expanders[$subject]), isset($this->board->devices[$subject]) => $home('pins', 'Pins'),
            default => null,
        };
    }
}
