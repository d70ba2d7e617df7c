<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Catalogue\Ability;
use IronLatch\Core\Catalogue\Controller;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Catalogue\ReservedFor;
use IronLatch\Core\Catalogue\Strap;
use IronLatch\Core\Catalogue\StrapConsequence;
use IronLatch\Core\Quantity\MarginState;

/**
 * Judges every pin for one function: first what cannot be, then hazards at start-up, then whether a scarce pin would be spent.
 */
final readonly class Fitness
{
    private const NEVER = 100000;
    private const HAZARD = 1000;
    private const SCARCE = 10;
    private const LEAST_STRAP_COST = 2 * self::SCARCE;

    public function __construct(private Board $board, private Controller $controller) {}

    /**
     * @return list<PinFitness> best first; pins of equal cost in header order
     */
    public function rank(string $function): array
    {
        $ranking = array_map(fn(Pin $pin): PinFitness => $this->judge($function, $pin), array_values($this->controller->pins));
        usort($ranking, static fn(PinFitness $a, PinFitness $b): int => $a->cost <=> $b->cost);

        return $ranking;
    }

    /** The best pin that nothing sits on and that would bring no weak or broken finding; null when there is none. */
    public function bestFree(string $function): ?PinFitness
    {
        $free = array_filter($this->controller->pins, fn(Pin $pin): bool => [] === array_diff($this->board->functionsOn($pin->name()), [$function]));
        $best = null;
        // Strapped pins come last: they never cost less than LEAST_STRAP_COST, and solving them is most of the work.
        foreach ([false, true] as $strapped) {
            foreach ($free as $pin) {
                if ($strapped !== (null !== $pin->chip->strap) || ($best->cost ?? PHP_INT_MAX) <= ($strapped ? self::LEAST_STRAP_COST : 0)) {
                    continue;
                }
                $fitness = $this->judge($function, $pin);
                if ($fitness->grade->value < FitGrade::Poor->value && $fitness->cost < ($best->cost ?? PHP_INT_MAX)) {
                    $best = $fitness;
                }
            }
        }

        return $best;
    }

    public function judge(string $function, Pin $pin): PinFitness
    {
        $remarks = $this->impossible($function, $pin);
        if ([] === $remarks) {
            $remarks = [...$this->hazards($function, $pin), ...$this->scarcity($function, $pin)];
        }
        usort($remarks, static fn(array $a, array $b): int => $b[0] <=> $a[0]);
        $cost = array_sum(array_column($remarks, 0));
        $takenBy = array_values(array_diff($this->board->functionsOn($pin->name()), [$function]));

        return new PinFitness(
            $pin,
            match (true) {
                $cost >= self::NEVER => FitGrade::Never,
                $cost >= self::HAZARD => FitGrade::Poor,
                $cost > 0 => FitGrade::Usable,
                default => FitGrade::Good,
            },
            $cost,
            array_column($remarks, 1),
            $takenBy,
        );
    }

    /**
     * @return list<array{int, string}> cost and reason
     */
    private function impossible(string $id, Pin $pin): array
    {
        $function = $this->board->functions[$id];
        $remarks = [];
        if (ReservedFor::Flash === $pin->chip->reserved) {
            $remarks[] = [self::NEVER, 'wired to the flash memory inside'];
        }
        if ($function->kind->isOutput() && !$pin->chip->can(Ability::Output)) {
            $remarks[] = [self::NEVER, 'input only, cannot drive anything'];
        }
        if (FunctionKind::AnalogueSensor === $function->kind) {
            if ($pin->chip->can(Ability::AnalogueWithoutRadio) && false !== $this->board->radioUsed->value) {
                $remarks[] = [self::NEVER, 'its converter cannot be read while the radio is on'];
            } elseif (!$pin->chip->can(Ability::Analogue) && !$pin->chip->can(Ability::AnalogueWithoutRadio)) {
                $remarks[] = [self::NEVER, 'no analogue input'];
            }
        } elseif (!$function->kind->isOutput() && !$pin->chip->can(Ability::Input)) {
            $remarks[] = [self::NEVER, 'analogue input only'];
        }
        if (($function->kind->isContact() || FunctionKind::LeakProbe === $function->kind) && $pin->chip->can(Ability::Input) && !SwitchLevel::isPulledUp($this->board, $id, $pin)) {
            $remarks[] = [self::NEVER, 'no pull-up inside: fit one outside first'];
        }
        if (FunctionKind::OneWireSensor === $function->kind && !$pin->chip->can(Ability::Output)) {
            $remarks[] = [self::NEVER, 'one-wire must also drive the line'];
        }

        return $remarks;
    }

    /**
     * @return list<array{int, string}>
     */
    private function hazards(string $id, Pin $pin): array
    {
        $remarks = [];
        if ((ReservedFor::Console === $pin->chip->reserved || ReservedFor::Usb === $pin->chip->reserved) && !$this->board->functions[$id]->toleratesConsole) {
            $remarks[] = [3 * self::HAZARD, 'serial console: boot log and uploading'];
        }
        if (null !== $pin->chip->strap) {
            $remarks = [...$remarks, ...$this->strap($id, $pin, $pin->chip->strap)];
        }
        $owner = $this->board->actuatorOf($id);
        if (null !== $owner && $pin->chip->can(Ability::Output)) {
            $pull = $this->board->functions[$id]->pull;
            $worst = Movement::None;
            foreach (StartUp::film($this->board, $this->controller->chip, $pin, $this->board->actuators()[$owner][1], null === $pull ? [] : [$pull]) as $moment) {
                if (Movement::None !== $moment->movement) {
                    $worst = Movement::Certain === $worst ? $worst : $moment->movement;
                }
            }
            if (Movement::None !== $worst) {
                $remarks[] = [2 * self::HAZARD, 'the relay ' . $worst->value . ' while starting up'];
            } elseif ([] !== $pin->chip->boot) {
                $remarks[] = [self::SCARCE, 'not quiet at start-up, though this relay stays off'];
            }
        }

        return $remarks;
    }

    /**
     * @return list<array{int, string}>
     */
    private function strap(string $id, Pin $pin, Strap $strap): array
    {
        $function = $this->board->functions[$id];
        $node = StrapSolver::solve($this->board, $this->controller->chip, $pin, $strap, [$id]);
        $cost = match ($strap->consequence) {
            StrapConsequence::WontRun => self::NEVER,
            StrapConsequence::WontUpload => 2 * self::HAZARD,
            StrapConsequence::Harmless => self::LEAST_STRAP_COST,
        };
        if (MarginState::Sound !== $node->margin?->state()) {
            return [[$cost, sprintf('strapped pin, wrong at reset: %s', $strap->otherwise)]];
        }
        if ($function->kind->isContact() && Level::High === $strap->needs) {
            return match (true) {
                StrapConsequence::Harmless === $strap->consequence => [[self::LEAST_STRAP_COST, 'strapped pin, harmless when held']],
                FunctionKind::MaintainedSwitch === $function->kind => [[$cost, 'closed at power-up it holds a strap: ' . $strap->otherwise]],
                default => [[self::HAZARD - 1, 'held at power-up it holds a strap']],
            };
        }

        return [[3 * self::SCARCE, 'strapped pin, right at reset with this circuit']];
    }

    /**
     * @return list<array{int, string}>
     */
    private function scarcity(string $id, Pin $pin): array
    {
        $kind = $this->board->functions[$id]->kind;
        $remarks = [];
        if (!$kind->isOutput() && $pin->chip->can(Ability::Output) && in_array($kind, [FunctionKind::InfraredReceiver, FunctionKind::AnalogueSensor], true)) {
            $remarks[] = [4, 'an input-only pin would do and leave this one free'];
        }
        if (FunctionKind::InfraredReceiver === $kind && !$pin->chip->can(Ability::Interrupt)) {
            $remarks[] = [self::HAZARD, 'no interrupt, which a receiver needs'];
        }
        if (FunctionKind::AnalogueSensor !== $kind && $pin->chip->can(Ability::Analogue)) {
            $remarks[] = [3, 'one of the few analogue inputs'];
        }

        return $remarks;
    }
}
