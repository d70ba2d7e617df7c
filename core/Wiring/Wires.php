<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\MainsBox;
use IronLatch\Core\Board\WiringFacts;
use IronLatch\Core\Board\WiringScheme;
use IronLatch\Core\Catalogue\CordTable;

/** The conductors of the nets: which run from where to where, their colours, sizes and bundles. */
final readonly class Wires
{
    private const ON_THE_BOARD = 'on the board';
    private const MAINS = 'mains';
    private const LOW = 'low voltage';

    private Board $board;
    private WiringFacts $facts;

    /**
     * @param array<string, Net> $nets
     * @param array<string, float> $railAmps amperes that each rail gives
     */
    public function __construct(private Places $places, private array $nets, private array $railAmps)
    {
        $this->board = $places->board;
        $this->facts = $places->facts;
    }

    /**
     * @return array<string, Wire> by number
     */
    public function all(): array
    {
        $wires = [];
        foreach ($this->nets as $net) {
            foreach ($this->ofNet($net) as $wire) {
                $wires[$wire->number] = $wire;
            }
        }

        return $wires;
    }

    /**
     * In one piece: a star goes out from the end that is nearest to the source, a chain from one end to the next; what is reached
     * through a terminal block begins there.
     *
     * @return list<Wire>
     */
    private function ofNet(Net $net): array
    {
        $leaders = Clusters::of($this->places->harness->devices, $net);
        $near = array_values(array_filter(
            $net->ends,
            static fn(End $end): bool => null === $end->via && !isset($leaders[$end->name()]),
        ));
        // A pad takes several conductors, a clamp or a pin one: where more than two ends meet, they meet at a pad.
        $meet = !$net->kind->isShared() && count($near) > 2;
        usort($near, fn(End $one, End $other): int => [$meet ? -$this->takes($one) : 0, $this->rank($one)]
            <=> [$meet ? -$this->takes($other) : 0, $this->rank($other)]);
        $isBar = DeviceKind::Bar === $this->kind($near[0] ?? null);
        $bars = $isBar ? array_filter($near, fn(End $end): bool => DeviceKind::Bar === $this->kind($end)) : [];
        $hub = $near[0] ?? null;
        $isChain = $net->kind->isShared() && WiringScheme::Chain === Bars::scheme($this->places, $net);
        $wires = [];
        $before = $hub;
        foreach ($near as $place => $end) {
            if ($isBar && DeviceKind::Bar === $this->kind($end) || (!$isBar && 0 === $place) || null === $hub || null === $before) {
                continue;
            }
            $from = $isBar ? self::pole($bars, $end->wire) ?? $hub : ($isChain ? $before : $hub);
            $wires[] = $this->wire($net, $from, $end);
            $before = $end;
        }
        foreach ($net->ends as $end) {
            $through = $leaders[$end->name()] ?? (null === $end->via ? null : $net->ends[$end->via] ?? null);
            if (null !== $through) {
                $wires[] = $this->wire($net, $through, $end);
            }
        }

        return $wires;
    }

    /**
     * @param array<int, End> $bars
     */
    private static function pole(array $bars, string $wire): ?End
    {
        foreach ($bars as $bar) {
            if ($bar->terminal === $wire) {
                return $bar;
            }
        }

        return null;
    }

    /**
     * @return array{int, int, string} the nearest to the source first
     */
    private function rank(End $end): array
    {
        $kind = $this->kind($end);

        return [$kind?->rank() ?? 9, (int) Places::number($end->device), $end->name()];
    }

    private function takes(End $end): int
    {
        return ($this->places->harness->devices[$end->device]->terminals[$end->terminal] ?? null)?->joining->takes() ?? 1;
    }

    private function kind(?End $end): ?DeviceKind
    {
        return null === $end ? null : $this->places->harness->devices[$end->device]->kind;
    }

    private function wire(Net $net, End $from, End $to): Wire
    {
        $onBoard = $this->isOnBoard($net, $from, $to);
        $bundle = match (true) {
            $onBoard => self::ON_THE_BOARD,
            null !== $to->cable => sprintf('cable %s, %s', $to->cable, $this->board->nameOf($to->cable)),
            $net->kind->isMains() => self::MAINS,
            default => self::LOW,
        };

        return new Wire(
            $to->wire,
            $net->id,
            $from,
            $to,
            $this->colour($net),
            $onBoard ? null : $this->squareMetres($net, $to),
            $this->facts->lengths[$to->wire]->metres ?? $this->cableMetres($to),
            $onBoard,
            $bundle,
        );
    }

    /** Small parts, and the relays between them, sit side by side: what joins them is no wire. */
    private function isOnBoard(Net $net, End $from, End $to): bool
    {
        $isSmall = function (End $end): bool {
            $kind = $this->kind($end);

            return null !== $kind && ($kind->isSmallPart() || DeviceKind::Relay === $kind);
        };

        return !$net->kind->isMains() && $isSmall($from) && $isSmall($to);
    }

    /**
     * One colour for each kind of net, the same in every copy. In one box no low-voltage wire has a colour that a mains wire of the country
     * may have: brown, grey and blue (IEC 60445, with green-yellow; black is left to grounds), or black, red, white, grey and green (NEC
     * 200.6, 250.119; from memory).
     */
    private function colour(Net $net): Colour
    {
        $isAmerican = CordTable::Nec400 === $this->board->system()->cordTable;
        $isDirect = $this->board->system()->isDirect();

        return match ($net->kind) {
            NetKind::Live, NetKind::SwitchedLive => self::live($net, $isAmerican, $isDirect),
            NetKind::Neutral => $isDirect ? Colour::Black : ($isAmerican ? Colour::White : Colour::Blue),
            NetKind::Earth => $isAmerican ? Colour::Green : Colour::GreenYellow,
            NetKind::Ground => $isAmerican ? Colour::Violet : Colour::Black,
            NetKind::Rail => $isAmerican ? Colour::Orange : Colour::Red,
            NetKind::SwitchedDirect => $isAmerican ? Colour::Pink : Colour::Violet,
            NetKind::Signal => $this->signal($net, $isAmerican),
        };
    }

    private static function live(Net $net, bool $isAmerican, bool $isDirect): Colour
    {
        $isSwitched = NetKind::SwitchedLive === $net->kind;

        return match (true) {
            $isDirect => Colour::Red,
            $isAmerican => $isSwitched ? Colour::Red : Colour::Black,
            default => $isSwitched ? Colour::Grey : Colour::Brown,
        };
    }

    private function signal(Net $net, bool $isAmerican): Colour
    {
        $function = $this->board->functions[$net->id] ?? null;

        return match (true) {
            FunctionKind::RelayOutput === $function?->kind => Colour::Yellow,
            null !== $function?->kind->busSignal() => $isAmerican ? Colour::Brown : Colour::Pink,
            null === $function, $function->kind->isContact(), FunctionKind::LeakProbe === $function->kind => $isAmerican
                ? Colour::Blue
                : Colour::White,
            default => Colour::Turquoise,
        };
    }

    private function squareMetres(Net $net, End $to): ?float
    {
        $box = $this->board->box ?? new MainsBox();
        if ($net->kind->isMains()) {
            $isOfOne = NetKind::SwitchedLive === $net->kind || isset($this->board->lines[$to->subject]);
            $stated = $isOfOne ? $box->branchSquareMetres ?? $box->innerSquareMetres : $box->innerSquareMetres;

            return is_float($stated?->value) ? $stated->value : null;
        }
        $cable = isset($this->board->rails[$to->cable ?? '']) ? $this->board->rails[(string) $to->cable]->cable : null;

        if (null !== $cable) {
            return $cable->squareMetres;
        }
        $stated = $this->facts->lowSquareMetres?->value;
        // Beyond what the table knows nothing is said.
        $least = LowVoltageWire::least($this->amps($net, $to));

        return is_float($stated) ? $stated : (null === $least ? null : max(WiringFacts::USUAL_SQUARE_METRES, $least));
    }

    /**
     * What a low-voltage wire has to bear: all of its rail where it comes from the source, and all that is behind it in a chain; what its
     * appliance draws; else little.
     */
    private function amps(Net $net, End $to): float
    {
        $isChain = in_array($net->kind, [NetKind::Rail, NetKind::Ground], true)
            && WiringScheme::Chain === Bars::scheme($this->places, $net);
        if ($isChain) {
            return array_sum(array_map($this->ofRail(...), $this->railsOf($net)));
        }
        $rail = 'board' === $to->subject ? $this->board->mcu->rail : $to->subject;
        if (isset($this->board->rails[$rail])) {
            return $this->ofRail($rail);
        }
        $line = isset($this->board->actuators()[$to->subject]) ? $this->board->lineOf($to->subject) : $to->subject;
        $appliance = isset($this->board->lines[$line]) ? $this->board->appliance($this->board->lines[$line]) : null;
        $watts = null === $appliance ? null : $this->board->lines[$line]->watts->value;

        return is_float($watts) && null !== $appliance->dcVolts ? $watts / $appliance->dcVolts : 0.0;
    }

    /** @return list<string> those whose currents run through a net that all of them share */
    private function railsOf(Net $net): array
    {
        if (NetKind::Rail === $net->kind || null !== $net->rail) {
            return [$net->rail ?? $this->board->mcu->rail];
        }

        return array_values(array_filter(
            array_keys($this->board->rails),
            fn(string $rail): bool => null !== $this->board->source($rail) && $this->places->ground($rail) === $net->id,
        ));
    }

    /** The current of a rail, or that at which its fuse opens where that is more: until then its wires must bear it. */
    private function ofRail(string $rail): float
    {
        return max($this->railAmps[$rail] ?? 0.0, $this->board->fuseAmps($rail));
    }

    private function cableMetres(End $to): ?float
    {
        $metres = match (true) {
            isset($this->board->functions[$to->cable ?? '']) => $this->board->functions[(string) $to->cable]->cableMetres->value,
            isset($this->board->rails[$to->cable ?? '']) => $this->board->rails[(string) $to->cable]->cable?->metres,
            default => null,
        };

        return is_float($metres) ? $metres : null;
    }
}
