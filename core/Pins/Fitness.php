<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\PinFunction;
use IronLatch\Core\Catalogue\Ability;
use IronLatch\Core\Catalogue\BusSignal;
use IronLatch\Core\Catalogue\ChipPin;
use IronLatch\Core\Catalogue\Controller;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Catalogue\ReservedFor;
use IronLatch\Core\Catalogue\Strap;
use IronLatch\Core\Catalogue\StrapConsequence;
use IronLatch\Core\Drive\Circuit\Movement;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/**
 * Judges every pin for one function: first what cannot be, then hazards at start-up, then whether a scarce pin would be spent.
 *
 * Weights are compared within a tier only. Functions that are alike are judged once for each pin.
 */
final class Fitness
{
    /** The danger that an appliance starts by itself outweighs every other hazard. */
    private const SELF_START = 3000;
    private const CONSOLE = 300;
    private const TWITCH = 250;
    private const MAY_TWITCH = 200;
    private const NO_UPLOAD = 200;
    private const HELD_BUTTON = 60;
    private const HARMLESS_STRAP = 5;
    private const STRAP_RIGHT = 3;
    private const NOT_QUIET = 1;
    private const VARIANT = 2;
    private const QUIET_OUTPUT = 4;
    private const CONVERTER = 3;
    private const RARE_ABILITY = 3;
    private const UNUSUAL_BUS_PIN = 2;
    private const CAUTION = 2;
    private const GLITCH = 2;
    private const OVER_THE_BUS = 2;
    /** An ability that no more pins than this have is scarce. */
    private const FEW_PINS = 4;
    /** Behind more than this a pin cannot drive anything high (it pulls weakly). */
    private const WEAK_SOURCE_OHMS = 5e3;

    private readonly Controller $controller;
    /** @var array<string, array<string, PinFitness>> by likeness of the function and pin */
    private array $judged = [];
    /** @var array<string, array<string, array{int, int}>> by likeness of the function */
    private array $priced = [];
    /** @var array<string, string> what makes functions alike */
    private array $likeness = [];
    private readonly bool $interruptsAreFew;
    private readonly bool $hasInputOnly;
    /** @var array<string, true> bus signals that few pins can serve and none can be routed to */
    private readonly array $fewSignals;

    public function __construct(private readonly Board $board, private readonly StartUp $startUp)
    {
        $this->controller = $board->controller();
        $pins = $this->controller->chip->pins;
        $this->interruptsAreFew = count(array_filter(
            $pins,
            static fn(ChipPin $pin): bool => $pin->can(Ability::Interrupt),
        )) <= self::FEW_PINS;
        $this->hasInputOnly = [] !== array_filter(
            $pins,
            static fn(ChipPin $pin): bool => $pin->can(Ability::Input) && !$pin->can(Ability::Output),
        );
        $few = [];
        foreach (BusSignal::cases() as $signal) {
            if (!$this->controller->chip->canRoute($signal->bus()) && count(array_filter(
                $pins,
                static fn(ChipPin $pin): bool => [] !== $pin->unitsAs($signal),
            )) <= self::FEW_PINS) {
                $few[$signal->value] = true;
            }
        }
        $this->fewSignals = $few;
    }

    /**
     * @return list<PinFitness> best first; pins that are equal in header order
     */
    public function rank(string $function): array
    {
        $ranking = array_map(fn(Pin $pin): PinFitness => $this->judge($function, $pin), array_values($this->controller->pins));
        $rank = static fn(PinFitness $one): array => [!$one->isPossible, $one->hazard, $one->scarcity];
        usort($ranking, static fn(PinFitness $a, PinFitness $b): int => $rank($a) <=> $rank($b));

        return $ranking;
    }

    /** The best pin that nothing sits on and that would bring no weak or broken finding; null when there is none. */
    public function bestFree(string $function): ?PinFitness
    {
        $best = null;
        // Strapped pins come last: they are never without a hazard, and solving them is most of the work.
        foreach ([false, true] as $strapped) {
            if (true === $strapped && null !== $best && $best->hazard < self::STRAP_RIGHT) {
                break;
            }
            foreach ($this->controller->pins as $pin) {
                if ($strapped === (null !== $pin->chip->strap) && [] === array_diff($this->board->functionsOn($pin->name()), [$function])) {
                    $fitness = $this->judge($function, $pin);
                    if ($fitness->grade->value < FitGrade::Poor->value && (null === $best || $fitness->isBetterThan($best))) {
                        $best = $fitness;
                    }
                }
            }
        }

        return $best;
    }

    public function judge(string $function, Pin $pin): PinFitness
    {
        $like = $this->likeness[$function] ??= $this->likenessOf($function);

        return $this->judged[$like][$pin->chip->name] ??= new PinFitness(
            $pin,
            $this->work($function, $this->board->functions[$function], $pin),
        );
    }

    /**
     * What every possible pin costs for a function; pins that are missing cannot be.
     *
     * @return array<string, array{int, int}> hazard and scarcity, by pin
     */
    public function prices(string $function): array
    {
        $like = $this->likeness[$function] ??= $this->likenessOf($function);
        if (!isset($this->priced[$like])) {
            $this->priced[$like] = [];
            foreach ($this->controller->pins as $name => $pin) {
                $fit = $this->judge($function, $pin);
                if ($fit->isPossible) {
                    $this->priced[$like][$name] = [$fit->hazard, $fit->scarcity];
                }
            }
        }

        return $this->priced[$like];
    }

    /** Functions with the same text are judged alike on every pin. */
    private function likenessOf(string $id): string
    {
        $function = $this->board->functions[$id];
        $owner = $this->board->actuatorOf($id);
        $bus = $this->board->groupOf($id, GroupKind::I2c);
        $circuit = '';
        if (null !== $owner) {
            $actuator = $this->board->actuator($owner);
            $circuit = serialize([
                $actuator->driver,
                $actuator->relay ?? $this->board->relay($actuator),
                $actuator->paired,
                $actuator->rail,
                $actuator->activeLevel->value,
                self::mustStayOff($this->board, $owner),
            ]);
        }

        return serialize([
            $function->kind,
            $function->pull,
            $function->toleratesConsole,
            $circuit,
            null === $bus ? null : $this->board->groups[$bus]->i2c?->pullUpOhms,
        ]);
    }

    /**
     * Whether a movement that nobody has asked for is a danger: an appliance that must not start by itself, or steps of which one only
     * may be on.
     */
    public static function mustStayOff(Board $board, string $actuator): bool
    {
        $line = $board->lineOf($actuator);
        $relay = $board->actuator($actuator);

        return $board->mustNotStart($line) || null !== $board->groupOf($relay->function, GroupKind::StepRelays);
    }

    /**
     * @return list<FitReason>
     */
    private function work(string $id, PinFunction $function, Pin $pin): array
    {
        $reasons = [];
        foreach ($this->impossible($id, $function, $pin) as $words) {
            $reasons[] = new FitReason(FitTier::Impossible, 0, $words);
        }
        if ([] !== $reasons) {
            return $reasons;
        }
        foreach ($this->hazards($id, $function, $pin) as [$weight, $words]) {
            $reasons[] = new FitReason($weight < 0 ? FitTier::Impossible : FitTier::Hazard, max(0, $weight), $words);
        }
        foreach ($this->scarcity($function, $pin) as [$weight, $words]) {
            $reasons[] = new FitReason(FitTier::Scarce, $weight, $words);
        }

        return $reasons;
    }

    /**
     * @return list<string>
     */
    private function impossible(string $id, PinFunction $function, Pin $pin): array
    {
        $kind = $function->kind;
        $reasons = $this->taken($pin);
        if (null !== $pin->expander && $kind->needsOwnPin()) {
            return ['too fast or too slow for a pin behind a bus'];
        }
        array_push($reasons, ...$this->unable($kind, $pin), ...$this->unheld($id, $function, $pin));
        if ($kind->needsInterrupt() && !$pin->chip->can(Ability::Interrupt)) {
            $reasons[] = 'no interrupt, which it needs';
        }
        if (FunctionKind::BootButton === $kind && !$pin->header->button) {
            $reasons[] = 'the carrier has no button here';
        }
        $signal = $kind->busSignal();
        if (null !== $signal && !$this->controller->chip->canRoute($signal->bus()) && [] === $pin->chip->unitsAs($signal)) {
            $reasons[] = sprintf('no %s here', $signal->value);
        }
        if ($this->mustSource($id, $kind) && $pin->silicon->electrics->sourceResistance->typ > self::WEAK_SOURCE_OHMS) {
            $reasons[] = 'can hardly drive a high level';
        }

        return $reasons;
    }

    /**
     * @return list<string> what the chip or its module uses the pin for
     */
    private function taken(Pin $pin): array
    {
        $chip = $pin->chip;
        $reasons = [];
        if (null !== $chip->reserved && ReservedFor::Console !== $chip->reserved && ReservedFor::Usb !== $chip->reserved) {
            $reasons[] = ReservedFor::Flash === $chip->reserved
                ? 'wired to the flash memory inside'
                : 'taken by the ' . $chip->reserved->value . ' inside';
        }
        if ($chip->variantMemory && true === $this->board->mcu->innerMemory?->value) {
            $reasons[] = 'wired to the additional memory inside';
        }

        return $reasons;
    }

    /**
     * @return list<string> what the pin cannot do
     */
    private function unable(FunctionKind $kind, Pin $pin): array
    {
        $chip = $pin->chip;
        $reasons = [];
        if ($kind->isOutput() && !$chip->can(Ability::Output)) {
            $reasons[] = 'input only, cannot drive anything';
        }
        if ($kind->isTwoWay() && !($chip->can(Ability::Output) && $chip->can(Ability::Input))) {
            $reasons[] = 'cannot both drive and read';
        }
        if ($kind->isAnalogue()) {
            if ($chip->can(Ability::AnalogueWithoutRadio) && false !== $this->board->program->radioUsed->value) {
                $reasons[] = 'its converter cannot be read while the radio is on';
            } elseif (!$chip->can(Ability::Analogue) && !$chip->can(Ability::AnalogueWithoutRadio)) {
                $reasons[] = 'no analogue input';
            }
        } elseif (!$kind->isOutput() && !$kind->isTwoWay() && !$chip->can(Ability::Input)) {
            $reasons[] = $chip->can(Ability::Output) ? 'output only' : 'analogue input only';
        }

        return $reasons;
    }

    /**
     * @return list<string> why an open contact would not read high
     */
    private function unheld(string $id, PinFunction $function, Pin $pin): array
    {
        $kind = $function->kind;
        $canRead = $pin->chip->can(Ability::Input);
        if ($kind->needsPullUp() && $canRead && !SwitchLevel::isPulledUp($this->board, $id, $pin)) {
            return ['no pull-up inside: fit one outside first'];
        }
        $isPulled = null !== $pin->header->pull || PullDirection::Down === $function->pull?->direction;

        return $kind->restsHigh() && $isPulled && $canRead && MarginState::Broken === SwitchLevel::margin($this->board, $id, $pin)->state()
            ? ['something pulls against its pull-up: open it would not read high']
            : [];
    }

    private function mustSource(string $id, FunctionKind $kind): bool
    {
        $owner = $this->board->actuatorOf($id);

        return null === $owner
            ? FunctionKind::StatusLed === $kind && null === $this->board->functions[$id]->lamp?->rail || FunctionKind::Buzzer === $kind
            : Level::High === $this->board->actuator($owner)->driver->inherentActiveLevel();
    }

    /**
     * In one piece: a list of what endangers, one line each.
     *
     * @return list<array{int, string}> weight and reason; a negative weight makes the pin impossible
     */
    private function hazards(string $id, PinFunction $function, Pin $pin): array
    {
        $reasons = [];
        if (null !== $pin->chip->reserved && !$function->toleratesConsole) {
            $reasons[] = [
                self::CONSOLE,
                ReservedFor::Usb === $pin->chip->reserved ? 'USB: uploading' : 'serial console: boot log and uploading',
            ];
        }
        if ($pin->chip->variantMemory && null === $this->board->mcu->innerMemory?->value) {
            $reasons[] = [self::VARIANT, 'taken by PSRAM or eight-wire flash in some modules'];
        }
        if (null !== $pin->chip->strap) {
            $reasons = [...$reasons, ...$this->strap($id, $function, $pin, $pin->chip->strap)];
        }
        $owner = $this->board->actuatorOf($id);
        if (null !== $owner && $pin->chip->can(Ability::Output)) {
            $twitch = $this->startUp->worstTwitch($id, $pin, $this->likeness[$id]);
            if (null !== $twitch) {
                $weight = Movement::Certain === $twitch->movement ? self::TWITCH : self::MAY_TWITCH;
                $reasons[] = [
                    self::mustStayOff($this->board, $owner) ? self::SELF_START + $weight : $weight,
                    sprintf('the relay %s %s', $twitch->movement->value, $twitch->phase->words()),
                ];
            } elseif (!$pin->chip->isQuiet() && null === $pin->expander) {
                $reasons[] = [self::NOT_QUIET, 'not quiet at start-up, though this relay stays off'];
            }
        } elseif (FunctionKind::Buzzer === $function->kind && !$pin->chip->isQuiet()) {
            $reasons[] = [self::NOT_QUIET, 'not quiet at start-up: it may chirp'];
        }

        return $reasons;
    }

    /**
     * @return list<array{int, string}>
     */
    private function strap(string $id, PinFunction $function, Pin $pin, Strap $strap): array
    {
        $kind = $function->kind;
        $node = StrapSolver::solve($this->board, $pin, $strap, [$id]);
        $weight = match ($strap->consequence) {
            StrapConsequence::WontRun => -1,
            StrapConsequence::WontUpload => self::NO_UPLOAD,
            StrapConsequence::Harmless => self::HARMLESS_STRAP,
        };
        if (MarginState::Sound !== $node->margin?->state()) {
            return [[$weight, sprintf('strapped pin, wrong at reset: %s', $strap->otherwise)]];
        }
        if ($kind->isContact() && Level::High === $strap->needs && FunctionKind::BootButton !== $kind) {
            return [match (true) {
                StrapConsequence::Harmless === $strap->consequence => [self::HARMLESS_STRAP, 'strapped pin, harmless when held'],
                $kind->isMaintained() => [$weight, 'closed at power-up it holds a strap: ' . $strap->otherwise],
                default => [self::HELD_BUTTON, 'held at power-up it holds a strap'],
            }];
        }

        return [[self::STRAP_RIGHT, 'strapped pin, right at reset with this circuit']];
    }

    /**
     * In one piece: a list of what makes a pin scarce, one line each.
     *
     * @return list<array{int, string}>
     */
    private function scarcity(PinFunction $function, Pin $pin): array
    {
        $kind = $function->kind;
        $reasons = [];
        if (null !== $pin->expander) {
            return $kind->isOutput() ? [] : [[self::OVER_THE_BUS, 'read over the bus, so a little late']];
        }
        $signal = $kind->busSignal();
        $isUsual = null !== $signal && [] !== $pin->chip->unitsAs($signal);
        if (!$isUsual && !in_array(
            $kind,
            [FunctionKind::RelayOutput, FunctionKind::Buzzer, FunctionKind::SparePin],
            true,
        ) && $pin->chip->can(Ability::Output) && $pin->chip->isQuiet() && null === $pin->chip->reserved) {
            $reasons[] = [self::QUIET_OUTPUT, 'one of the pins that are quiet at start-up, which relays want'];
        } elseif (
            $this->hasInputOnly
            && ($kind->isActiveSensor() || FunctionKind::InfraredReceiver === $kind)
            && $pin->chip->can(Ability::Output)
        ) {
            $reasons[] = [self::QUIET_OUTPUT, 'an input-only pin would do and leave this one free'];
        }
        if (!$kind->isAnalogue() && $pin->chip->can(Ability::Analogue)) {
            $reasons[] = [self::CONVERTER, 'one of the few analogue inputs'];
        }
        if ($this->interruptsAreFew && !$kind->needsInterrupt() && $pin->chip->can(Ability::Interrupt)) {
            $reasons[] = [self::RARE_ABILITY, 'one of the few pins with an interrupt'];
        }
        foreach ($pin->chip->roles as $role) {
            if (isset($this->fewSignals[$role->signal->value]) && $kind->busSignal() !== $role->signal) {
                $reasons[] = [self::RARE_ABILITY, sprintf('the only pin for %s', $role->signal->value)];
                break;
            }
        }
        if (null !== $signal && !$isUsual) {
            $reasons[] = [self::UNUSUAL_BUS_PIN, sprintf('not the usual pin for %s', $signal->value)];
        }
        if ('' !== $pin->chip->caution && $kind->needsInterrupt()) {
            $reasons[] = [self::CAUTION, $pin->chip->caution];
        }
        if (null !== $pin->chip->glitchSeconds && $kind->needsInterrupt()) {
            $reasons[] = [
                self::GLITCH,
                sprintf(
                    'may read a false low of %s when a converter or the sleeping radio powers up',
                    QuantityPrinter::rounded($pin->chip->glitchSeconds, Unit::Second),
                ),
            ];
        }

        return $reasons;
    }
}
