<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\OutputOrder;
use IronLatch\Core\Catalogue\Ability;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\BootPhase;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Catalogue\PinState;
use IronLatch\Core\Catalogue\Pull;
use IronLatch\Core\Drive\Circuit\Circuits;
use IronLatch\Core\Drive\Circuit\Movement;
use IronLatch\Core\Drive\Circuit\StartUpVerdict;

/**
 * What the outputs of a board do from the moment power arrives until the program runs.
 *
 * Equal circuits on equal pins are solved once for each object of this class.
 */
final class StartUp
{
    /** How long a pin that becomes an output first may stay low, where the program says nothing of it (from memory). */
    private const OUTPUT_GAP_SECONDS = 1e-3;

    /** @var array<string, StartUpVerdict> */
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
        $actuator ??= null === $owner ? null : $this->board->actuator($owner);
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
            $verdict = null === $actuator
                ? StartUpVerdict::still($state)
                : $this->solved[$circuit . $state->value] ??= $this->solve($pin, $actuator, $state, $pulls);
            $movement = $verdict->movement;
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
                $verdict->figure,
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
        $idle = null === $actuator ? Level::Low : $actuator->idleLevel();
        if (null === $idle) {
            return PinState::Floating;
        }
        $driven = Level::High === $idle ? PinState::DrivenHigh : PinState::DrivenLow;
        if (BootPhase::Run === $phase) {
            return $driven;
        }
        if (OutputOrder::OutputFirst === $this->board->program->outputOrder->value) {
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
     */
    private function solve(Pin $pin, Actuator $actuator, PinState $state, array $pulls): StartUpVerdict
    {
        $circuit = Circuits::of($this->board, $actuator, $pin->silicon->electrics);
        $ambient = $this->board->ambientCelsius();
        $typical = Source::at($pin, $state, $pulls, null);
        $worst = Source::at($pin, $state, $pulls, $actuator->driver->inherentActiveLevel());
        $undecided = null === $worst ? $circuit->undecided($ambient) : null;
        if (null !== $undecided) {
            return new StartUpVerdict(Movement::Possible, $undecided);
        }
        // Some of the time a toggling pin is certainly at the active level, at typical values too.
        return $circuit->atStart($state, PinState::Toggling === $state ? $worst : $typical, $worst, $ambient);
    }
}
