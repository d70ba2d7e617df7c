<?php

declare(strict_types=1);

namespace IronLatch\Log;

use IronLatch\Board\Inspections;
use IronLatch\Core\Log\Commissioning;
use IronLatch\Core\Log\CommissioningStep;
use IronLatch\Core\Log\CopyState;
use IronLatch\Core\Log\Log;
use IronLatch\Core\Log\Outcome;
use IronLatch\Core\Log\StepReading;
use IronLatch\Core\Log\Walk;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Wiring\Listing\WiringList;
use IronLatch\Storage\BoardStore;
use IronLatch\Storage\OpenBoard;
use Symfony\Component\HttpFoundation\InputBag;

/** The walk of a copy, by the revision that it is built after. */
final readonly class CopyWalk
{
    private const MOST_AT_ONCE = 400;

    public function __construct(private LogBook $book, private BoardStore $store, private Inspections $inspections) {}

    /**
     * @return list<CommissioningStep>
     */
    public function steps(OpenBoard $opened, int $revision): array
    {
        $inspection = $this->inspection($opened, $revision);

        return Commissioning::of($inspection, Inspector::withRuleBook()->inspect($inspection));
    }

    private function inspection(OpenBoard $opened, int $revision): Inspection
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
     * Ticks the wires that are laid; all of them make the step of the wires done.
     *
     * @param list<string> $numbers
     */
    public function tick(OpenBoard $opened, string $id, array $numbers, string $today): void
    {
        $copy = $this->book->of($opened)->copies[$id] ?? throw new \InvalidArgumentException('This copy is not in the log any more.');
        $wires = $this->wires($opened, $copy->revision);
        $laid = array_values(array_intersect(array_map(strval(...), array_keys($wires)), $numbers));
        $this->book->enter(
            $opened,
            sprintf('%s: %d of %d wires laid', $copy->serial, count($laid), count($wires)),
            static function (Log $log) use ($id, $laid, $wires, $today): Log {
                $copy = $log->copies[$id] ?? throw new \InvalidArgumentException('This copy is not in the log any more.');
                $readings = $copy->readings;
                if (count($laid) === count($wires) && Outcome::AsItShould !== $copy->last(Commissioning::WIRES)?->outcome) {
                    $readings[] = new StepReading(Commissioning::WIRES, Outcome::AsItShould, '', $today);
                }

                return $log->withCopy(Copy::of($copy, ['ticked' => $laid, 'readings' => $readings]), $id);
            },
        );
    }

    /** Null for a copy that is not in the log. */
    public function of(OpenBoard $opened, string $id): ?Walk
    {
        $copy = $this->book->of($opened)->copies[$id] ?? null;

        return null === $copy ? null : new Walk($this->steps($opened, $copy->revision), $copy);
    }

    /**
     * Puts down what was found at a step, or at several alike.
     *
     * @param InputBag<bool|float|int|string> $fields
     * @throws \InvalidArgumentException when it cannot be so
     */
    public function found(OpenBoard $opened, string $id, Walk $walk, InputBag $fields, string $today): Outcome
    {
        $keys = $fields->all()['steps'] ?? [$fields->getString('step')];
        $steps = [];
        foreach (array_slice(is_array($keys) ? $keys : [], 0, self::MOST_AT_ONCE) as $key) {
            $steps[] = (is_string($key) ? $walk->step($key) : null)
                ?? throw new \InvalidArgumentException('This step is not part of the walk any more. Go to the next.');
        }
        $outcome = Outcome::AsItShould;
        $this->book->enter($opened, sprintf('%s: %s', $walk->copy->serial, self::titles($steps)), static function (Log $log) use (
            $id,
            $walk,
            $steps,
            $fields,
            $today,
            &$outcome,
        ): Log {
            $copy = $log->copies[$id] ?? throw new \InvalidArgumentException('This copy is not in the log any more.');
            foreach ($steps as $step) {
                $now = new Walk($walk->steps, $copy);
                if ($now->isBarred($step)) {
                    throw new \InvalidArgumentException(
                        'Mains waits: something before it is not found as it should be. See the list below.',
                    );
                }
                if (null !== $step->holdPoint) {
                    $copy = $now->verified($step, $fields->getString('by'), $today);
                    continue;
                }
                $reading = self::reading($step, $fields, $today);
                $outcome = $reading->outcome;
                $copy = $now->with($reading);
            }
            $isDone = CopyState::Building === $copy->state && (new Walk($walk->steps, $copy))->isCommissioned();

            return $log->withCopy($isDone ? Copy::of($copy, ['state' => CopyState::Commissioned]) : $copy, $id);
        });

        return $outcome;
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
