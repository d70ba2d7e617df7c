<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\ArrayChannel;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\CouplerDriver;
use IronLatch\Core\Board\MosfetLowSide;
use IronLatch\Core\Board\OptoModuleInput;
use IronLatch\Core\Board\OutputOrder;
use IronLatch\Core\Catalogue\Ability;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\BootPhase;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Mosfet;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Catalogue\PinState;
use IronLatch\Core\Catalogue\Pull;
use IronLatch\Core\Drive\Circuit\Circuits;
use IronLatch\Core\Drive\Circuit\Warmth;
use IronLatch\Core\Drive\DriverAnalysis;
use IronLatch\Core\Drive\ModuleInput;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/**
 * What the outputs of a board do from the moment power arrives until the program runs.
 *
 * Equal circuits on equal pins are solved once for each object of this class.
 */
final class StartUp
{
    /** Below this share of its nominal voltage no relay is expected to move (common practice, from memory). */
    public const STILL_RATIO = 0.5;
    /** Below this no silicon junction conducts enough to matter, and no coil moves. */
    private const QUIET_VOLTS = 0.3;
    /** What leaks into an input that nothing holds (greatest input leakage of the 8-bit chips; from memory). */
    private const LEAKAGE_AMPS = 1e-6;
    /** How long a pin that becomes an output first may stay low, where the program says nothing of it (from memory). */
    private const OUTPUT_GAP_SECONDS = 1e-3;

    /** @var array<string, array{Movement, Figure}> */
    private array $solved = [];
    /** @var array<string, ?Moment> */
    private array $twitches = [];
    /** @var array<string, string> what makes pins alike at start-up */
    private array $likeness = [];

    public function __construct(private readonly Board $board) {}

    /** The film of an output on a pin, with the relay that follows it. */
    public function film(string $function, Pin $pin, ?Actuator $actuator = null): Film
    {
        $pull = $this->board->functions[$function]->pull;
        $owner = $this->board->actuatorOf($function);
        $actuator ??= null === $owner ? null : $this->board->actuators()[$owner][1];
        $chip = $this->board->controller()->chip;
        $circuit = null === $actuator ? '' : serialize([
            $actuator->driver,
            $actuator->relay ?? $this->board->relay($actuator),
            $actuator->paired,
            $actuator->rail,
            $pin->silicon->identity->id,
            $pin->expander,
            $pull,
            $pin->header->pull,
        ]);
        $pulls = null === $pull ? [] : [$pull];
        $moments = [];
        foreach (BootPhase::cases() as $phase) {
            $fact = [] === $pin->chip->boot ? null : $pin->chip->bootFact($phase);
            $state = $phase->isBeforeProgram() ? $fact->state ?? PinState::Floating : $this->programmed($phase, $pin, $actuator);
            [$movement, $cause] = null === $actuator
                ? [Movement::None, self::still($state)]
                : $this->solved[$circuit . $state->value] ??= $this->solve($pin, $actuator, $state, $pulls);
            if (BootPhase::Output === $phase && Movement::Certain === $movement) {
                // How long the program leaves it so is not known, and most relays need a few milliseconds.
                $movement = Movement::Possible;
            }
            $seconds = BootPhase::Output === $phase ? self::OUTPUT_GAP_SECONDS : ($fact->seconds ?? $chip->phaseSeconds($phase));
            $moments[] = new Moment(
                $phase,
                $state,
                $seconds,
                $fact->basis ?? Basis::DataSheet,
                Source::at($pin, $state, $pulls, null)?->volts,
                $movement,
                $cause,
            );
        }

        return new Film($function, $owner, $moments);
    }

    /**
     * What would move a relay most surely on a pin; null when it stays still. Alike circuits on pins that start alike are
     * played once.
     *
     * @param string $circuit the same for outputs with the same driver, relay, rail, level and pull
     */
    public function worstTwitch(string $function, Pin $pin, string $circuit): ?Moment
    {
        $like = $this->likeness[$pin->chip->name] ??= self::likenessOf($pin);
        $key = $circuit . $like;
        if (!array_key_exists($key, $this->twitches)) {
            $this->twitches[$key] = $this->film($function, $pin)->worstTwitch();
        }

        return $this->twitches[$key];
    }

    private static function likenessOf(Pin $pin): string
    {
        $like = $pin->expander . ($pin->chip->can(Ability::PullUp) ? 'u' : '') . ($pin->chip->can(Ability::PullDown) ? 'd' : '');
        foreach ($pin->chip->boot as $fact) {
            $like .= ' ' . $fact->phase->value . $fact->state->value . $fact->seconds;
        }

        return null === $pin->header->pull ? $like : $like . ' ' . $pin->header->pull->direction->value . $pin->header->pull->ohms;
    }

    /** The film that a function would have with another pull resistor on its wire. */
    public function withPull(string $function, Pin $pin, ?Pull $pull): Film
    {
        $functions = [...$this->board->functions, $function => $this->board->functions[$function]->withPull($pull)];

        return (new self($this->board->with(functions: $functions)))->film($function, $pin);
    }

    /** What the program makes of the pin. */
    private function programmed(BootPhase $phase, Pin $pin, ?Actuator $actuator): PinState
    {
        $idle = null === $actuator ? Level::Low : DriverAnalysis::idleLevel($actuator);
        if (null === $idle) {
            return PinState::Floating;
        }
        $driven = Level::High === $idle ? PinState::DrivenHigh : PinState::DrivenLow;
        if (BootPhase::Run === $phase) {
            return $driven;
        }
        if (OutputOrder::OutputFirst === $this->board->outputOrder->value) {
            // A quasi-bidirectional expander has no direction to set: the first thing written is the level itself.
            return null !== $pin->expander && PinState::PulledUp === $pin->chip->bootFact(BootPhase::Setup)?->state
                ? $driven
                : PinState::DrivenLow;
        }

        return match (true) {
            Level::High === $idle && $pin->chip->can(Ability::PullUp) => PinState::PulledUp,
            Level::Low === $idle && $pin->chip->can(Ability::PullDown) => PinState::PulledDown,
            default => $pin->chip->bootFact(BootPhase::Setup)->state ?? PinState::Floating,
        };
    }

    /**
     * @param list<Pull> $pulls
     * @return array{Movement, Figure}
     */
    private function solve(Pin $pin, Actuator $actuator, PinState $state, array $pulls): array
    {
        $driver = $actuator->driver;
        $typical = Source::at($pin, $state, $pulls, null);
        $worst = Source::at($pin, $state, $pulls, $driver->inherentActiveLevel());
        $floating = null === $worst ? $this->floating($pin, $actuator) : null;
        if (null !== $floating) {
            return [Movement::Possible, $floating];
        }
        if (PinState::Toggling === $state) {
            // Some of the time the pin is certainly at the active level, at typical values too.
            $typical = $worst;
        }

        return $driver instanceof OptoModuleInput
            ? $this->ofModule($actuator, $driver, $state, $typical, $worst)
            : $this->ofCoil($actuator, $state, $typical, $worst);
    }

    /**
     * Whether a driver input that nothing drives or pulls is undecided: what leaks into it, over what carries it off, opens a
     * gate; the inputs of an array, a coupler and a solid-state relay are made to be driven, and nobody states what they do
     * otherwise. A base needs a current that no leakage brings, and the input of an active-low circuit has no way to ground.
     */
    private function floating(Pin $pin, Actuator $actuator): ?Figure
    {
        $driver = $actuator->driver;
        if ($driver instanceof MosfetLowSide) {
            $threshold = Warmth::Threshold->at(
                $this->board->part($driver->mosfet, Mosfet::class)->thresholdVolts->min,
                Warmth::warmest($this->board->ambientCelsius()),
            );
            $gate = null === $driver->pullDownOhms ? $pin->silicon->electrics->supply->max : min(
                $pin->silicon->electrics->supply->max,
                self::LEAKAGE_AMPS * $driver->pullDownOhms,
            );

            return $gate < $threshold ? null : new Figure(
                'gate voltage that nothing decides',
                $gate,
                Unit::Volt,
                null === $driver->pullDownOhms ? 'up to the pin’s supply: no resistor carries the leakage off' : 'I_leak · R_pull-down',
                [
                    'I_leak = ' . QuantityPrinter::rounded(self::LEAKAGE_AMPS, Unit::Ampere),
                    ...null === $driver->pullDownOhms
                        ? []
                        : ['R_pull-down = ' . QuantityPrinter::rounded($driver->pullDownOhms, Unit::Ohm)],
                    'conducts from ' . QuantityPrinter::rounded($threshold, Unit::Volt),
                ],
                'pin floating, greatest leakage, least threshold',
                'input leakage of the chip, from memory',
            );
        }
        $isUndecided = $driver instanceof ArrayChannel
            || $driver instanceof CouplerDriver
            || null !== $this->board->relay($actuator)->solidState;

        return $isUndecided ? new Figure(
            'voltage at the input that nothing decides',
            $pin->silicon->electrics->supply->max,
            Unit::Volt,
            'up to the pin’s supply: nothing drives or pulls it',
            ['pin floating'],
            'pin floating',
            'common practice: every driver input has a level',
        ) : null;
    }

    private static function still(PinState $state): Figure
    {
        return new Figure(
            'coil voltage at start-up',
            0.0,
            Unit::Volt,
            'nothing drives the base',
            ['pin ' . $state->value],
            'strongest pull, greatest gain',
            'the pin’s state at start-up',
        );
    }

    /**
     * @return array{Movement, Figure}
     */
    private function ofCoil(Actuator $actuator, PinState $state, ?Source $typical, ?Source $worst): array
    {
        $relay = $this->board->relay($actuator);
        // Most pins float, and most of the rest are quiet: those need no operating point.
        if (null === $worst || $worst->volts < self::QUIET_VOLTS) {
            return [Movement::None, self::still($state)];
        }
        $volts = $this->coilVolts($actuator, $typical, worst: false);
        $greatest = $this->coilVolts($actuator, $worst, worst: true);
        // A coil has an armature to move; a solid-state input switches as soon as it is no longer off.
        $still = (null === $relay->solidState ? self::STILL_RATIO : $relay->releaseRatio) * $relay->coilVolts;
        $figure = new Figure(
            'coil voltage at start-up',
            $greatest,
            Unit::Volt,
            'operating point with the pin as the chip leaves it',
            [
                'pin ' . $state->value,
                'typical ' . QuantityPrinter::rounded($volts, Unit::Volt),
                sprintf('still up to %s', QuantityPrinter::rounded($still, Unit::Volt)),
            ],
            sprintf(
                'strongest pull, greatest gain, junctions at %s',
                QuantityPrinter::rounded(Warmth::warmest($this->board->ambientCelsius()), Unit::Celsius),
            ),
            'operating point of the driver circuit; still below half the nominal voltage: common practice',
        );

        return [match (true) {
            $volts >= $still => Movement::Certain,
            $greatest >= $still => Movement::Possible,
            default => Movement::None,
        }, $figure];
    }

    private function coilVolts(Actuator $actuator, ?Source $source, bool $worst): float
    {
        if (null === $source) {
            return 0.0;
        }
        $relay = $this->board->relay($actuator);
        $circuit = Circuits::of($this->board, $actuator);
        if (null === $circuit) {
            return $source->volts * $relay->coilResistance->typ / ($relay->coilResistance->typ + $source->ohms);
        }
        return $circuit->at(
            $worst ? $circuit->best(Warmth::warmest($this->board->ambientCelsius())) : $circuit->typical(),
            $source->volts,
            $source->ohms,
        )->coilVolts;
    }

    /**
     * @return array{Movement, Figure}
     */
    private function ofModule(Actuator $actuator, OptoModuleInput $driver, PinState $state, ?Source $typical, ?Source $worst): array
    {
        $module = $this->board->module($driver);
        $input = new ModuleInput(
            $module,
            $driver,
            $this->board->siliconOf($actuator->function)->electrics,
            $this->board->railVolts($actuator->rail),
        );
        $amps = null === $typical ? 0.0 : $input->typical($typical->volts, $typical->ohms);
        $greatest = null === $worst ? 0.0 : $input->most($worst->volts, $worst->ohms);
        $figure = new Figure(
            'module input current at start-up',
            $greatest,
            Unit::Ampere,
            '(V_supply − V_LEDs − V_pin) ÷ R',
            [
                'pin ' . $state->value,
                'V_pin = ' . QuantityPrinter::rounded($worst->volts ?? 0.0, Unit::Volt),
                'V_LEDs = ' . QuantityPrinter::rounded($input->ledVolts->min, Unit::Volt) . ' at 2 mA',
                'V_supply = ' . QuantityPrinter::rounded($input->supply->max, Unit::Volt),
                'R = ' . QuantityPrinter::rounded($module->seriesResistance->min, Unit::Ohm),
                'typical ' . QuantityPrinter::rounded($amps, Unit::Ampere),
                'releases for certain up to ' . QuantityPrinter::rounded($module->releaseAmps, Unit::Ampere),
            ],
            'highest supply, lowest LED voltages',
            'series circuit with exponential LEDs',
        );

        return [match (true) {
            $amps >= $module->operateAmps => Movement::Certain,
            $greatest > $module->releaseAmps => Movement::Possible,
            default => Movement::None,
        }, $figure];
    }
}
