<?php

declare(strict_types=1);

namespace IronLatch\View;

use IronLatch\Core\Board\FunctionGroup;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\PinFunction;
use IronLatch\Core\Catalogue\Expander;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Pins\Film;
use IronLatch\Core\Pins\I2cPullUp;
use IronLatch\Core\Pins\PowerUpContact;
use IronLatch\Core\Pins\SelectorLadder;
use IronLatch\Core\Pins\WhyHere;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Report;
use IronLatch\Core\Review\Severity;
use IronLatch\Core\Review\WayOut;
use IronLatch\Core\Review\WaysOut;

/** What the Pins view and the comparison of controllers draw. */
final readonly class PinsDrawing
{
    public function __construct(private Inspection $inspection, private Report $report) {}

    /**
     * @param string $open the chosen function, if any
     * @param string $find part of a function’s name or of either name of a pin
     * @return array<string, mixed>
     */
    public function context(string $open, string $find): array
    {
        $board = $this->inspection->board;
        $chosen = isset($board->functions[$open]) ? $open : '';
        $ranking = '' === $chosen ? [] : $this->inspection->fitness->rank($chosen);

        return [
            'chosen' => $chosen,
            'ranking' => $ranking,
            'find' => $find,
            'found' => $this->found($find),
            'why' => '' === $chosen ? null : WhyHere::of($board, $this->inspection->fitness, $chosen),
            'ladder' => '' !== $chosen && FunctionKind::SelectorLadder === $board->functions[$chosen]->kind
                ? SelectorLadder::for($board->functions[$chosen]->positions)
                : null,
            'sides' => (new HeaderRows($this->inspection, $this->report))->sides($ranking),
            'films' => $this->films(),
            'power_up_contacts' => PowerUpContact::all($board, $this->inspection->seating),
            'pull_ups' => array_map(fn(string $id): I2cPullUp => I2cPullUp::of($board, $id), $this->buses()),
            'group_kinds' => array_filter(GroupKind::cases(), static fn(GroupKind $kind): bool => GroupKind::Selector !== $kind),
            'expander_parts' => Repairs::of($this->inspection)->partsOnOffer(Expander::class),
            'contacts' => array_keys(array_filter(
                $board->functions,
                static fn(PinFunction $function): bool => $function->kind->isContact(),
            )),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    public function comparison(): array
    {
        $controllers = WaysOut::controllers($this->inspection);

        return [
            'kinds' => Severity::cases(),
            'controllers' => self::ranked($controllers),
            'ways' => $this->inspection->plan->solution()->fits() ? [] : WaysOut::of($this->inspection, $controllers),
            'solution' => $this->inspection->plan->solution(),
        ];
    }

    /**
     * @param list<WayOut> $ways
     * @return list<WayOut> the best first
     */
    private static function ranked(array $ways): array
    {
        usort($ways, static fn(WayOut $a, WayOut $b): int => array_values($a->rank()) <=> array_values($b->rank()));

        return $ways;
    }

    /**
     * @return array<string, Film> of every output that something follows, by function, relays first
     */
    private function films(): array
    {
        $shown = [FunctionKind::RelayOutput, FunctionKind::Buzzer, FunctionKind::StatusLed];
        $films = array_filter(
            $this->inspection->seating->films,
            fn(Film $film): bool => in_array($this->inspection->board->functions[$film->function]->kind, $shown, true),
        );
        uasort($films, static fn(Film $a, Film $b): int => (null === $a->actuator) <=> (null === $b->actuator));

        return $films;
    }

    /**
     * @return array<string, string> ids of I2C buses
     */
    private function buses(): array
    {
        $ids = array_keys(array_filter($this->inspection->board->groups, static fn(FunctionGroup $group): bool => null !== $group->i2c));

        return array_combine($ids, $ids);
    }

    /**
     * @return array<string, true> functions and pins that the search names
     */
    private function found(string $find): array
    {
        $wanted = mb_strtolower(trim($find));
        if ('' === $wanted) {
            return [];
        }
        $found = [];
        foreach ($this->inspection->board->functions as $id => $function) {
            if (str_contains(mb_strtolower($function->name), $wanted)) {
                $found[$id] = true;
                if (isset($this->inspection->board->seats[$id])) {
                    $found[$this->inspection->board->seats[$id]->pin] = true;
                }
            }
        }
        $named = $this->inspection->controller->read($find);
        foreach ($this->inspection->controller->pins as $name => $pin) {
            if ($pin === $named->asLabel || $pin === $named->asNumber || $this->isNamed($pin, $wanted)) {
                $found[$name] = true;
                $found += array_fill_keys($this->inspection->board->functionsOn($name), true);
            }
        }

        return $found;
    }

    private function isNamed(Pin $pin, string $wanted): bool
    {
        return mb_strtolower($pin->name()) === $wanted || mb_strtolower($pin->label()) === $wanted;
    }
}
