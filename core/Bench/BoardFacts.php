<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\ContactUse;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\LinkKind;
use IronLatch\Core\Board\PinFunction;
use IronLatch\Core\Catalogue\Addressing;
use IronLatch\Core\Catalogue\BootPhase;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\StrapConsequence;
use IronLatch\Core\Control\ControlMap;
use IronLatch\Core\Drive\SwitchTimes;
use IronLatch\Core\Pins\PowerUpContact;
use IronLatch\Core\Power\Dip;
use IronLatch\Core\Power\DipVictim;
use IronLatch\Core\Power\Draws;
use IronLatch\Core\Power\RailCircuit;
use IronLatch\Core\Power\RailMoment;
use IronLatch\Core\Power\Scenario;
use IronLatch\Core\Power\StartOrder;
use IronLatch\Core\Program\Micros;
use IronLatch\Core\Program\ProgramPlan;
use IronLatch\Core\Quantity\Margin;
use IronLatch\Core\Review\Controls\NoWayIn;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;

/**
 * What the analyses say of one board, at one corner of its tolerances, in the form in which a run asks for it. Nothing is reckoned here
 * that an analysis has reckoned already.
 */
final class BoardFacts
{
    /** @var array<string, ?DipVictim> who suffers when some relays pull in, worked out once */
    private array $dips = [];

    /**
     * @param array<string, RelayFacts> $relays by id
     * @param array<string, SourceFacts> $sources fed by the mains, by rail
     * @param array<string, string> $sourceOf rail of the source behind each rail
     * @param array<string, string> $pins by function, where it sits on one that can serve it
     * @param array<string, string> $unable why a seated function does not work, by function
     * @param list<array{BootPhase, int}> $boot phases before the program runs, and how long each lasts
     * @param array<string, string> $straps by function: what happens when its contact is closed as power returns
     * @param array<string, string> $noWayIn why nothing comes from a channel to the program, by channel
     * @param ?string $wontStart why it never starts; null where it does
     * @param array<string, list<array{string, string}>> $keptApart pairs of relays that may never be closed together, by group
     * @param array<string, list<string>> $fedThrough relays through whose resting contacts one is fed, by relay
     */
    private function __construct(
        public readonly Inspection $inspection,
        public readonly Corner $corner,
        public readonly ProgramPlan $plan,
        public readonly array $relays,
        public readonly array $sources,
        public readonly array $sourceOf,
        public readonly array $pins,
        public readonly array $unable,
        public readonly array $boot,
        public readonly array $straps,
        public readonly array $noWayIn,
        public readonly ?string $wontStart,
        public readonly array $keptApart,
        public readonly array $fedThrough,
    ) {}

    public static function of(Inspection $inspection, Corner $corner, int $seed = 1, bool $startsAnyway = false): self
    {
        $chances = new Chances($seed);
        $board = $inspection->board;
        [$pins, $unable] = self::pins($inspection);
        $relays = [];
        foreach ($board->actuators() as $id => $actuator) {
            $relays[$id] = self::relay($inspection, $id, $actuator, $pins[$actuator->function] ?? null, $corner, $chances);
        }

        return new self(
            $inspection,
            $corner,
            ProgramPlan::of($board, $inspection->controls),
            $relays,
            self::sources($inspection, $corner),
            self::sourceOf($inspection),
            $pins,
            $unable,
            self::boot($inspection),
            self::straps($inspection),
            self::noWayIn($inspection, $unable),
            $startsAnyway ? null : self::wontStart($inspection, $corner, $chances),
            self::keptApart($inspection),
            self::fedThrough($inspection),
        );
    }

    public function map(): ControlMap
    {
        return $this->inspection->controls;
    }

    /**
     * Functions on pins that can serve them, and why others cannot be served.
     *
     * @return array{array<string, string>, array<string, string>}
     */
    private static function pins(Inspection $inspection): array
    {
        $pins = $unable = [];
        foreach ($inspection->board->functions as $id => $function) {
            $pin = $inspection->seating->pins[$id] ?? null;
            if (null === $pin) {
                $unable[$id] = 'it has no pin';
                continue;
            }
            $judged = $inspection->fitness->judge($id, $pin);
            // A strap that is wrong keeps the chip from starting, and that alone; what cannot be is for good.
            $isStrap = null !== $pin->chip->strap && [] !== array_filter(
                $judged->reasons,
                static fn(string $words): bool => str_contains($words, 'strap'),
            );
            if (!$judged->isPossible && !$isStrap) {
                $unable[$id] = $judged->reasons[0];
            } else {
                $pins[$id] = $pin->name();
            }
        }

        return [$pins, $unable];
    }

    private static function relay(
        Inspection $inspection,
        string $id,
        Actuator $actuator,
        ?string $pin,
        Corner $corner,
        Chances $chances,
    ): RelayFacts {
        $board = $inspection->board;
        $result = $inspection->drive->results[$id];
        $relay = $board->relay($actuator);
        $times = SwitchTimes::ofRelay($board, $actuator, $result);
        $slow = Micros::of(match (true) {
            null !== $relay->solidState => Customary::SOLID_STATE_SECONDS,
            null === $actuator->relay => 0.0,
            null === $times || INF === $times->closesLast => Customary::OPERATE_SECONDS,
            Corner::Worst === $corner => $times->closesLast,
            default => ($times->closesFirst + $times->closesLast) / 2,
        });
        $release = Micros::of(match (true) {
            null !== $relay->solidState => Customary::SOLID_STATE_SECONDS,
            null === $actuator->relay => 0.0,
            default => $times->opensLast ?? Customary::RELEASE_SECONDS,
        });
        $lets = array_filter([$result->releases, $result->staysOff]);

        return new RelayFacts(
            $id,
            $board->lineOf($id),
            $actuator->rail,
            $actuator->function,
            $pin,
            $actuator->driver->inherentActiveLevel(),
            self::holds($result->pullIn, $corner, $chances),
            [] === array_filter($lets, static fn(Margin $margin): bool => !self::holds($margin, $corner, $chances)),
            $slow,
            $release,
            null !== $relay->bistable,
            $actuator->opens,
            $actuator->guards,
            ContactUse::NormallyClosed === $actuator->contact,
            $inspection->seating->films[$actuator->function]->moments ?? [],
            null !== ($inspection->seating->pins[$actuator->function] ?? null)?->expander,
        );
    }

    /** Whether a copy at this corner has what it needs: a drawn one lies as far from typical as chance will have it. */
    private static function holds(Margin $margin, Corner $corner, Chances $chances): bool
    {
        $spread = $margin->nominal->value - $margin->worst->value;

        return match ($corner) {
            Corner::Typical => $margin->nominal->value,
            Corner::Worst => min($margin->nominal->value, $margin->worst->value),
            Corner::Drawn => $margin->worst->value + 2 * $spread * $chances->next(),
        } >= 1;
    }

    /**
     * @return array<string, string> rail of the source, by rail
     */
    private static function sourceOf(Inspection $inspection): array
    {
        $board = $inspection->board;
        $sources = [];
        foreach (array_keys($board->rails) as $rail) {
            $at = $rail;
            while (null === $board->source($at)) {
                $at = $board->rails[$at]->from ?? $board->mcu->rail;
            }
            $sources[$rail] = $at;
        }

        return $sources;
    }

    /**
     * @return array<string, SourceFacts>
     */
    private static function sources(Inspection $inspection, Corner $corner): array
    {
        $board = $inspection->board;
        $order = StartOrder::of($inspection->power->flows);
        $facts = [];
        foreach (self::sourceOf($inspection) as $rail => $source) {
            $supply = $board->source($source);
            if ($rail !== $source || null === $supply || !$supply->form->isFedByMains()) {
                continue;
            }
            $start = $order->seconds[$source] ?? Customary::START_SECONDS;
            [$reset, $release] = self::fading($inspection, $source, $corner);
            $facts[$source] = new SourceFacts($source, Micros::of(is_finite($start) ? $start : 60.0), $reset, $release);
        }

        return $facts;
    }

    /**
     * How long controller and relays carry on without mains, everything on.
     *
     * @return array{?int, array<string, int>}
     */
    private static function fading(Inspection $inspection, string $source, Corner $corner): array
    {
        $board = $inspection->board;
        $flows = $inspection->power->flows;
        $supply = $board->source($source);
        $load = max($flows->amps($source, Scenario::allOn())->typical, 1e-3);
        $held = ($supply->holdUpSeconds ?? Customary::HOLD_UP_SECONDS) * ($supply->ratedAmps ?? $load) / $load;
        $wave = RailCircuit::of($flows, $inspection->drive, $source, Corner::Worst === $corner)->run(RailMoment::interruption(0.5));
        $chip = $board->controller()->chip;
        $least = $chip->brownOutVolts ?? $chip->leastSupplyVolts ?? 0.0;
        $reset = null;
        $release = [];
        foreach ($wave->volts as $place => $volts) {
            $seconds = max(0.0, $place * $wave->step - 5e-3);
            foreach (self::behind($inspection, $source, $volts) as $rail => $on) {
                if ($rail === $board->mcu->rail && null === $reset && self::pinVolts($inspection, $on) < $least) {
                    $reset = Micros::of($held + $seconds);
                }
                if (!isset($release[$rail]) && $on < Relay::HOLD_RATIO * $board->railVolts($rail)->typ) {
                    $release[$rail] = Micros::of($held + $seconds);
                }
            }
        }
        $rails = array_keys(array_filter(self::sourceOf($inspection), static fn(string $one): bool => $one === $source));
        $last = Micros::of($held + 0.5);
        if (in_array($board->mcu->rail, $rails, true)) {
            $reset ??= $last;
        }

        return [$reset, $release + array_fill_keys($rails, $last)];
    }

    /**
     * Volts of a rail and of all rails behind it.
     *
     * @return array<string, float>
     */
    private static function behind(Inspection $inspection, string $rail, float $volts): array
    {
        $board = $inspection->board;
        $all = [$rail => $volts];
        foreach ($board->rails as $id => $other) {
            $regulation = $board->regulation($id);
            if ($other->from === $rail && null !== $regulation) {
                $amps = $inspection->power->flows->amps($id, Scenario::allOn())->typical;
                $all += self::behind($inspection, $id, $regulation->outputAt($volts, $amps, false));
            }
        }

        return $all;
    }

    private static function pinVolts(Inspection $inspection, float $volts): float
    {
        $regulator = $inspection->board->entry()->regulated ? $inspection->board->controller()->carrier->regulator : null;
        $amps = $inspection->power->flows->amps(Draws::PINS, Scenario::allOn())->typical;

        return $regulator?->outputAt($volts, $amps, false) ?? $volts;
    }

    /**
     * @return list<array{BootPhase, int}>
     */
    private static function boot(Inspection $inspection): array
    {
        $chip = $inspection->controller->chip;
        $boot = [];
        foreach (BootPhase::cases() as $phase) {
            if ($phase->isBeforeProgram()) {
                $boot[] = [$phase, max(Micros::MILLISECOND, Micros::of($chip->phaseSeconds($phase)))];
            }
        }

        return $boot;
    }

    /**
     * @return array<string, string>
     */
    private static function straps(Inspection $inspection): array
    {
        $straps = [];
        foreach (PowerUpContact::all($inspection->board, $inspection->seating) as $contact) {
            if (StrapConsequence::WontRun === $contact->strap->consequence) {
                $straps[$contact->function] = $contact->strap->otherwise;
            }
        }

        return $straps;
    }

    /**
     * @param array<string, string> $unable functions that do not work
     * @return array<string, string>
     */
    private static function noWayIn(Inspection $inspection, array $unable): array
    {
        $ways = [];
        foreach ((new NoWayIn())->inspect($inspection) as $said) {
            if ($said instanceof Finding) {
                $ways[$said->subject] = $said->statement;
            }
        }
        $receiving = array_filter(
            $inspection->board->functions,
            static fn(PinFunction $function): bool => FunctionKind::UartReceive === $function->kind,
        );
        foreach ($inspection->controls->routes as $id => $route) {
            $link = $route->hops[0]->channel->link ?? LinkKind::BothWays;
            $isWired = Addressing::Command === $route->hops[0]->profile->addressing && in_array(
                FunctionKind::UartReceive,
                $link->functions(),
                true,
            );
            if ($isWired && [] !== $receiving && [] === array_diff_key($receiving, $unable)) {
                $ways[$id] ??= sprintf('“%s” is joined to a pin that does not receive.', $route->hops[0]->channel->name);
            }
        }

        return $ways;
    }

    private static function wontStart(Inspection $inspection, Corner $corner, Chances $chances): ?string
    {
        foreach ($inspection->seating->strappedNodes as $node) {
            if (StrapConsequence::WontRun === $node->strap->consequence
                && (null === $node->margin || !self::holds($node->margin, $corner, $chances))) {
                return sprintf('%s is at the wrong level at reset: %s', $node->pin->bothNames(), $node->strap->otherwise);
            }
        }

        return null;
    }

    /**
     * @return array<string, list<array{string, string}>>
     */
    private static function keptApart(Inspection $inspection): array
    {
        $board = $inspection->board;
        $apart = [];
        foreach ($board->groups as $id => $group) {
            foreach ($group->keptApart() as [$one, $other]) {
                [$first, $second] = [$board->actuatorOf($one), $board->actuatorOf($other)];
                if (null !== $first && null !== $second) {
                    $apart[$id][] = [$first, $second];
                }
            }
        }

        return $apart;
    }

    /**
     * Where contacts themselves keep lines apart, each is fed by the resting contacts of those before it.
     *
     * @return array<string, list<string>>
     */
    private static function fedThrough(Inspection $inspection): array
    {
        $board = $inspection->board;
        $through = [];
        foreach ($board->groups as $group) {
            if (true !== $group->byContacts?->value || !$group->isOneAtATime()) {
                continue;
            }
            $before = [];
            foreach ($group->functions as $function) {
                $relay = $board->actuatorOf($function);
                if (null !== $relay) {
                    $through[$relay] = [...$through[$relay] ?? [], ...$before];
                    $before[] = $relay;
                }
            }
        }

        return $through;
    }

    /** What a sensor says while nothing is asked of it: between its thresholds, or no. */
    public function restingReading(string $function): ?float
    {
        $middles = [];
        foreach ($this->plan->sensors as $sensor) {
            if ($sensor->function === $function) {
                [$on, $off] = [$sensor->rule->on(), $sensor->rule->off()];
                if (null === $on || null === $off) {
                    return 0.0;
                }
                $middles[] = [$on, $off];
            }
        }
        // A value at which no rule wants its line on, if there is one.
        foreach ($middles as [$on, $off]) {
            $value = $on < $off ? max($off, $on + 0.1) : min($off, $on - 0.1);
            foreach ($middles as [$otherOn, $otherOff]) {
                if ($otherOn < $otherOff ? $value < $otherOff : $value > $otherOff) {
                    continue 2;
                }
            }

            return $value;
        }

        return [] === $middles ? null : ($middles[0][0] + $middles[0][1]) / 2;
    }

    /**
     * Who suffers when some relays of a rail pull in together.
     *
     * @param list<string> $pulling
     * @param list<string> $holding
     * @return ?DipVictim null where nobody does
     */
    public function suffersFrom(string $rail, array $pulling, array $holding): ?DipVictim
    {
        $all = $this->inspection->power->dips[$rail] ?? null;
        if (null === $all?->margin || $this->stands($all->margin)) {
            return null;
        }
        sort($pulling);
        sort($holding);
        $key = implode(' ', [$rail, ...$pulling, '|', ...$holding]);
        if (!array_key_exists($key, $this->dips)) {
            $flows = $this->inspection->power->flows;
            $lowest = [];
            foreach ([false, true] as $worst) {
                $lowest[] = RailCircuit::pulling($flows, $this->inspection->drive, $rail, $worst, $pulling, $holding)
                    ->run(RailMoment::pullIn(22e-3, 50e-6))->lowestVolts();
            }
            [$margin, $victim] = Dip::suffers($flows, $this->inspection->drive, $rail, $lowest[0], $lowest[1]);
            $minds = in_array($victim, [DipVictim::Controller, DipVictim::HeldRelays, DipVictim::PullingRelays], true);
            $this->dips[$key] = $minds && null !== $margin && !$this->stands($margin) ? $victim : null;
        }

        return $this->dips[$key];
    }

    private function stands(Margin $margin): bool
    {
        return (Corner::Worst === $this->corner ? min($margin->nominal->value, $margin->worst->value) : $margin->nominal->value) >= 1;
    }
}
