<?php

declare(strict_types=1);

namespace IronLatch\View;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Edit\Mains\ChooseFuse;
use IronLatch\Core\Board\FunctionGroup;
use IronLatch\Core\Board\InletKind;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Board\OutletKind;
use IronLatch\Core\Board\Surface;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Board\SwitchedConductor;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Catalogue\OptoCoupler;
use IronLatch\Core\Mains\ContactLife;
use IronLatch\Core\Mains\ContactLoad;
use IronLatch\Core\Mains\LivePath;
use IronLatch\Core\Mains\LiveState;
use IronLatch\Core\Mains\SharedPart;
use IronLatch\Core\Mains\SingleFault;
use IronLatch\Core\Mains\SingleFaults;
use IronLatch\Core\Mains\Surroundings;
use IronLatch\Core\Mains\TwoWayTable;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Mains\Recommended;
use IronLatch\Core\Review\Mains\Sensing;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Report;

/** What the Mains view shows: the live path of every line in one drawing, what its parts bear, and the barrier to low voltage. */
final readonly class MainsDrawing
{
    /** What stands in the drawing besides lines and groups, and opens like them. */
    private const PARTS = ['inlet', 'fuse', 'wires', 'barrier', 'box', 'apart', 'house', 'faults'];

    public function __construct(private Inspection $inspection, private Report $report) {}

    /**
     * @param string $open a line, a group of relays, or a part that all lines share
     * @return array<string, mixed>
     */
    public function context(string $open): array
    {
        $board = $this->inspection->board;
        $rows = $this->rows();
        $groups = array_filter($board->groups, static fn(FunctionGroup $group): bool => $group->kind->isExclusive());
        $drawer = match (true) {
            isset($rows[$open]) => 'line',
            isset($groups[$open]) => 'group',
            isset($board->places[$open]) => 'place',
            isset($board->houseCables[$open]) => 'cable',
            in_array($open, self::PARTS, true) => $open,
            default => '',
        };
        $chosen = 'line' === $drawer ? $open : '';

        return [
            ...(new HouseDrawing($board, $this->report))->context($open),
            ...$this->around($chosen),
            'mains' => $this->inspection->mains,
            'rows' => $rows,
            'part' => '' === $drawer ? '' : $open,
            'drawer' => $drawer,
            'fields' => '' === $chosen ? [] : $this->fields($board->lines[$chosen]),
            'recommended' => 'fuse' === $drawer ? $this->recommendedFuse() : null,
            'wires' => [
                self::colour($board->system()->liveConductor),
                self::colour($board->system()->neutralConductor),
                self::colour($board->system()->earthConductor),
            ],
            'weakest' => $this->weakest(),
            'needed' => $this->needed(),
            'life' => $this->life($rows[$chosen] ?? null),
            'chain' => isset($rows[$chosen]) ? $this->chain($chosen, $board->lines[$chosen]) : [],
            'faults' => SingleFaults::of($board)->outcomes,
            'fault_names' => array_map(static fn(SingleFault $fault): string => $fault->value, SingleFault::cases()),
            'guarded' => count(array_filter($board->lines, SingleFaults::isGuarded(...))),
            'states' => '' === $chosen ? [] : $this->states($board->lines[$chosen]),
            'groups' => $groups,
            'surroundings' => Surroundings::of($this->inspection->board),
            'conductors' => [SwitchedConductor::Live, SwitchedConductor::Neutral, SwitchedConductor::Both],
        ];
    }

    /**
     * What stands around the contact of the line that is opened: what hears its state, a two-way circuit.
     *
     * @return array<string, mixed>
     */
    private function around(string $chosen): array
    {
        $line = $this->inspection->board->lines[$chosen] ?? null;

        return null === $line ? ['couplers' => [], 'sensing' => null, 'two_way' => null] : [
            'couplers' => Repairs::of($this->inspection)->partsOnOffer(OptoCoupler::class),
            'sensing' => Sensing::of($this->inspection, $line),
            'two_way' => null === $line->twoWay ? null : TwoWayTable::of($line->twoWay),
        ];
    }

    /**
     * The facts of a line that its appliance, or its outlet, gives reason to ask.
     *
     * @return list<string> fields of StateSafety
     */
    private function fields(Line $line): array
    {
        $appliance = $this->inspection->board->appliance($line);
        $outlet = $line->safety?->outlet?->value;
        $isOutlet = $outlet instanceof OutletKind && $outlet->isOutlet();

        return array_keys(array_filter([
            'outlet' => true,
            'outletAmps' => $isOutlet,
            'linkRemoved' => OutletKind::SplitHalf === $outlet,
            'earthJoined' => true,
            'restore' => true,
            'cutOut' => $appliance->heats,
            'restSeconds' => $appliance->compressor,
            'snubber' => $appliance->load->isInductive(),
            'switchingsPerDay' => true,
            'offTakenAsIsolation' => true,
            'switchAtStart' => [] !== array_filter(
                $line->surfaces,
                static fn(Surface $surface): bool => SurfaceKind::WallSwitch === $surface->kind
                    && Operation::Explicit === $surface->operation,
            ),
            'mustNotStart' => true,
            'mustComeBack' => true,
            'remoteStart' => $appliance->mustNotSelfStart || true === $line->safety?->mustNotStart?->value,
            'unattended' => $appliance->heats || true === $line->safety?->mustNotStart?->value,
        ]));
    }

    private function recommendedFuse(): ?Remedy
    {
        $first = Recommended::fuse($this->inspection);
        $fitted = $this->inspection->board->box?->fuse;

        return $first?->edit instanceof ChooseFuse && $fitted !== $first->edit->fuse->identity->id ? $first : null;
    }

    /**
     * One row for each mains line that has a relay.
     *
     * @return array<string, array<string, mixed>> by line
     */
    private function rows(): array
    {
        $board = $this->inspection->board;
        $rows = [];
        foreach ($board->lines as $id => $line) {
            $first = array_key_first($line->actuators);
            if (null !== $board->appliance($line)->dcVolts || null === $first) {
                continue;
            }
            $rows[$id] = [
                'line' => $line,
                'actuator' => $line->actuators[$first],
                'relay' => $board->relay($line->actuators[$first]),
                'load' => $this->inspection->mains->contacts[$first],
                'conductor' => $line->conductor->value instanceof SwitchedConductor ? $line->conductor->value->value : '',
                'appliance' => $board->appliance($line),
            ];
        }

        return $rows;
    }

    /**
     * The live path of one line, element by element, from the inlet to the appliance.
     *
     * @return list<PathLink>
     */
    private function chain(string $id, Line $line): array
    {
        $mains = $this->inspection->mains;
        $contact = $mains->contacts[array_key_first($line->actuators) ?? ''] ?? null;
        $links = [];
        foreach (['inlet', 'lead', 'fuse', 'inner', 'terminal', 'track'] as $name) {
            $part = $mains->shared[$name] ?? null;
            if (null !== $part) {
                $links[] = new PathLink(
                    ucfirst($part->name),
                    $part->amps->printed(),
                    $part->bears?->printed() ?? '',
                    $part->margin,
                    'fuse' !== $name,
                );
            }
        }
        if (null === $contact) {
            return $links;
        }
        $amps = $contact->amps;
        $links[] = new PathLink(
            'Contact, with its share',
            $amps->printed(),
            QuantityPrinter::rounded($contact->margin->worst->value * $amps->value, Unit::Ampere),
            $contact->margin->worst,
            $contact->margin->nominal->value < 1,
        );
        $branch = $mains->shared['branch']->bears;
        $links[] = new PathLink(
            'Wire of this line',
            $amps->printed(),
            $branch?->printed() ?? '',
            null === $branch ? null : LivePath::over($branch, $amps),
        );
        if (true === $line->safety?->outlet?->value?->isOutlet()) {
            $rated = $line->safety->outletAmps?->value;
            $links[] = new PathLink(
                'Outlet',
                $amps->printed(),
                is_float($rated) ? QuantityPrinter::rounded($rated, Unit::Ampere) : '',
                $mains->outlets[$id] ?? null,
            );
        }

        return $links;
    }

    /**
     * @param ?array<string, mixed> $row
     * @return array{switchings: float, perDay: ?float, years: ?float}
     */
    private function life(?array $row): array
    {
        $load = $row['load'] ?? null;
        $line = $row['line'] ?? null;
        $margin = $load instanceof ContactLoad ? $load->margin->worst->value : 0.0;
        $perDay = $line instanceof Line ? $line->safety?->switchingsPerDay?->value : null;

        return [
            'switchings' => ContactLife::switchings($margin),
            'perDay' => is_float($perDay) ? $perDay : null,
            'years' => is_float($perDay) && $perDay > 0 ? ContactLife::years($margin, $perDay) : null,
        ];
    }

    private function weakest(): ?SharedPart
    {
        $weakest = null;
        foreach ($this->inspection->mains->shared as $part) {
            if (null !== $part->margin && $part->margin->value < ($weakest->margin->value ?? INF)) {
                $weakest = $part;
            }
        }

        return $weakest;
    }

    /**
     * What the standard wants between mains and what can be touched, in metres; null while the place is not stated.
     *
     * @return ?array{clearance: float, creepage: float, basicClearance: float, basicCreepage: float}
     */
    private function needed(): ?array
    {
        $surroundings = Surroundings::of($this->inspection->board);
        $reinforced = $surroundings->distances(true);
        $basic = $surroundings->distances(false);
        if (null === $reinforced || null === $basic || $this->inspection->board->system()->isHarmlessToTouch()) {
            return null;
        }

        return [...$reinforced, 'basicClearance' => $basic['clearance'], 'basicCreepage' => $basic['creepage']];
    }

    /**
     * @return list<LiveState>
     */
    private function states(Line $line): array
    {
        $actuator = array_values(array_filter($line->actuators, static fn(Actuator $one): bool => null !== $one->relay))[0] ?? null;
        $conductor = $line->conductor->value;
        $inlet = $this->inspection->board->box?->inlet?->value;

        // Of a two-way circuit its own table says what is on when.
        $isPlain = null === $line->twoWay && null === $this->inspection->board->appliance($line)->dcVolts;

        return null === $actuator || !$isPlain ? [] : LiveState::of(
            $actuator,
            $this->inspection->board->relay($actuator),
            $conductor instanceof SwitchedConductor ? $conductor : null,
            $inlet instanceof InletKind ? $inlet : null,
        );
    }

    /** The colour that a conductor’s name states in brackets, as a word for the style sheet. */
    private static function colour(string $conductor): string
    {
        return 1 === preg_match('/\((brown|blue|green-yellow|black|white|green|red)/', $conductor, $match) ? $match[1] : 'black';
    }
}
