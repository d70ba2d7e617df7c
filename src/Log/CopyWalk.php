<?php

declare(strict_types=1);

namespace IronLatch\Log;

use IronLatch\Board\Inspections;
use IronLatch\Core\Log\BoardCopy;
use IronLatch\Core\Log\Commissioning;
use IronLatch\Core\Log\CommissioningStep;
use IronLatch\Core\Log\CopyState;
use IronLatch\Core\Log\Log;
use IronLatch\Core\Log\Outcome;
use IronLatch\Core\Log\StepReading;
use IronLatch\Core\Log\Tool;
use IronLatch\Core\Log\Walk;
use IronLatch\Core\Log\WayIntoUse;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Wiring\Listing\WiringDiff;
use IronLatch\Core\Wiring\Listing\WiringList;
use IronLatch\Storage\BoardStore;
use IronLatch\Storage\OpenBoard;
use Symfony\Component\HttpFoundation\InputBag;

/** The walk of a copy, by the revision that it is built after. */
final readonly class CopyWalk
{
    private const MOST_AT_ONCE = 400;

    public function __construct(private LogBook $book, private BoardStore $store, private Inspections $inspections) {}

    /** The way into use of every copy of a revision; of the one in hand, where there is no such revision. */
    public function way(OpenBoard $opened, int $revision): WayIntoUse
    {
        $inspection = $this->inspection($opened, $revision);

        return WayIntoUse::of($inspection, Inspector::withRuleBook()->inspect($inspection));
    }

    /** A revision as it is inspected here; the one in hand, where there is no such revision. */
    public function inspection(OpenBoard $opened, int $revision): Inspection
    {
        $id = $this->book->revision($opened, $revision);

        return $this->inspections->of(null === $id ? $opened->board : $this->store->at($opened->record, $id)->board);
    }

    /**
     * The wires of a revision in the order in which they are laid.
     *
     * @return array<string, string> both ends in words, by number
     */
    public function wires(OpenBoard $opened, int $revision): array
    {
        $connections = $this->inspection($opened, $revision)->connections();
        $wires = [];
        foreach (WiringList::of($connections) as $group) {
            foreach ($group as $wire) {
                if (!$wire->onBoard) {
                    $wires[$wire->number] = sprintf('%s to %s', $connections->words($wire->from), $connections->words($wire->to));
                }
            }
        }

        return $wires;
    }

    /**
     * Ticks the wires that are laid; all of them make the step of the wires done. What another device has ticked meanwhile stays.
     *
     * @param list<string> $were numbers of those that were ticked on the page
     * @param list<string> $numbers of those that are
     */
    public function tick(OpenBoard $opened, string $id, array $were, array $numbers, string $once = ''): void
    {
        $today = $this->book->today();
        $copy = $this->book->of($opened)->copies[$id] ?? throw self::gone();
        $way = $this->way($opened, $copy->revision);
        $wires = $this->wires($opened, $copy->revision);
        $all = array_map(strval(...), array_keys($wires));
        $laid = static fn(BoardCopy $copy): array => array_values(array_intersect(
            $all,
            [...array_diff($copy->ticked, array_diff($were, $numbers)), ...array_diff($numbers, $were)],
        ));
        $this->book->enter(
            $opened,
            sprintf('%s: %d of %d wires laid', $copy->serial, count($laid($copy)), count($wires)),
            static function (Log $log) use ($id, $laid, $wires, $today, $way): Log {
                $walk = $way->walk($log->copies[$id] ?? throw self::gone(), $today);
                $copy = Copy::of($walk->copy, ['ticked' => $laid($walk->copy)]);
                $step = $walk->step(Commissioning::WIRES);
                $isLaid = null !== $step && count($copy->ticked) === count($wires) && Outcome::AsItShould !== $walk->outcome($step);

                return $log->withCopy(
                    $isLaid ? $copy->with(new StepReading(Commissioning::WIRES, Outcome::AsItShould, '', $today)) : $copy,
                    $id,
                );
            },
            $once,
        );
    }

    /**
     * A log in which a copy is built after another revision than before: what that makes doubtful is to be taken again, and only the
     * wires stay ticked that nothing changes at.
     */
    public function rebuilt(OpenBoard $opened, Log $before, Log $after): Log
    {
        foreach ($after->copies as $id => $copy) {
            $was = $before->copies[$id]->revision ?? $copy->revision;
            if ($was !== $copy->revision) {
                $diff = WiringDiff::between(
                    $this->inspection($opened, $was)->connections(),
                    $this->inspection($opened, $copy->revision)->connections(),
                );
                $ticked = array_filter(
                    $copy->ticked,
                    static fn(string $wire): bool => !isset($diff->removed[$wire]) && !isset($diff->moved[$wire]),
                );
                $walk = $this->way($opened, $copy->revision)->walk($copy, $this->book->today());
                $after = $after->withCopy(Copy::of($walk->copy, ['ticked' => array_values($ticked)]), $id);
            }
        }

        return $after;
    }

    /** Null for a copy that is not in the log. */
    public function of(OpenBoard $opened, string $id): ?Walk
    {
        $copy = $this->book->of($opened)->copies[$id] ?? null;

        return null === $copy ? null : $this->way($opened, $copy->revision)->walk($copy, $this->book->today());
    }

    /**
     * Puts down what was found at a step, or at several alike.
     *
     * @param InputBag<bool|float|int|string> $fields
     * @throws \InvalidArgumentException when it cannot be so
     */
    public function found(OpenBoard $opened, string $id, InputBag $fields): Outcome
    {
        $today = $this->book->today();
        $before = $this->book->of($opened)->copies[$id] ?? throw self::gone();
        $way = $this->way($opened, $before->revision);
        $steps = self::chosen($way->walk($before, $today), $fields);
        $outcome = Outcome::AsItShould;
        $this->book->enter($opened, sprintf('%s: %s', $before->serial, self::titles($steps)), static function (Log $log) use (
            $id,
            $way,
            $steps,
            $fields,
            $today,
            &$outcome,
        ): Log {
            $walk = $way->walk($log->copies[$id] ?? throw self::gone(), $today);
            self::judgeSeen($walk->copy, $steps, $fields);
            foreach ($steps as $step) {
                if ($walk->isBarred($step)) {
                    throw new \InvalidArgumentException(
                        'Mains waits: something before it is not found as it should be. See the list below.',
                    );
                }
                if (null !== $step->holdPoint) {
                    $walk = $way->walk($walk->verified($step, $fields->getString('by'), $today), $today);
                    continue;
                }
                $reading = self::reading($step, $fields, $today);
                $outcome = $reading->outcome;
                $walk = $way->walk($walk->with($reading), $today);
            }
            $isDone = CopyState::Building === $walk->copy->state && $walk->isCommissioned();

            return $log->withCopy($isDone ? Copy::of($walk->copy, ['state' => CopyState::Commissioned]) : $walk->copy, $id);
        }, $fields->getString('once'));

        return $outcome;
    }

    /**
     * Whether the page has shown what stands there now.
     *
     * @param list<CommissioningStep> $steps
     * @param InputBag<bool|float|int|string> $fields
     * @throws Meanwhile with both values
     */
    private static function judgeSeen(BoardCopy $copy, array $steps, InputBag $fields): void
    {
        if (1 !== count($steps) || !$fields->has('seen') || $copy->timesFound($steps[0]) === $fields->getInt('seen')) {
            return;
        }
        $last = $copy->last($steps[0]->key);
        $mine = 'measured' === $fields->getString('outcome') ? $fields->getString('value') : $fields->getString('outcome');
        throw new Meanwhile(sprintf(
            '“%s”: another device has put down “%s” meanwhile, and here it is “%s”. Keep it as well if both are true: '
                . 'the last one counts.',
            $steps[0]->title,
            null === $last ? 'verified' : trim($last->value . ' ' . $last->outcome->value),
            mb_substr(trim($mine), 0, 60),
        ));
    }

    private static function gone(): \InvalidArgumentException
    {
        return new \InvalidArgumentException('This copy is not in the log any more.');
    }

    /**
     * The steps that something was found at.
     *
     * @param InputBag<bool|float|int|string> $fields
     * @return list<CommissioningStep>
     * @throws \InvalidArgumentException where there is no such step, or one among several that is done by itself
     */
    private static function chosen(Walk $walk, InputBag $fields): array
    {
        $keys = $fields->all()['steps'] ?? [$fields->getString('step')];
        $steps = [];
        foreach (array_slice(is_array($keys) ? $keys : [], 0, self::MOST_AT_ONCE) as $key) {
            $step = (is_string($key) ? $walk->step($key) : null)
                ?? throw new \InvalidArgumentException('This step is not part of the walk any more. Go to the next.');
            if (Tool::Competent === $step->tool && isset($fields->all()['steps'])) {
                throw new \InvalidArgumentException(sprintf('“%s” is done by itself, by somebody competent.', $step->title));
            }
            $steps[] = $step;
        }

        return $steps;
    }

    /**
     * @param list<CommissioningStep> $steps
     */
    private static function titles(array $steps): string
    {
        return 1 === count($steps) ? $steps[0]->title : sprintf('%d steps', count($steps));
    }

    /**
     * @param InputBag<bool|float|int|string> $fields
     */
    private static function reading(CommissioningStep $step, InputBag $fields, string $today): StepReading
    {
        $by = trim($fields->getString('by'));
        $note = trim($fields->getString('note'));
        if ('measured' === $fields->getString('outcome')) {
            return Walk::measured($step, $fields->getString('value'), $today, $by, $note);
        }
        $outcome = Outcome::tryFrom($fields->getString('outcome'))
            ?? throw new \InvalidArgumentException('Say what you have found: as it should be, not so, or not measured.');

        return new StepReading($step->key, $outcome, '', $today, $by, $note);
    }
}
