<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\House\RunHouseCable;
use IronLatch\Core\Board\Edit\House\StateHouseCable;
use IronLatch\Core\Board\HouseCable;
use IronLatch\Core\Board\PinFunction;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Too few cores for the switches of a place. */
final class TooFewCores implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.too-few-cores',
            version: 1,
            title: 'Too few cores between switches and board',
            severities: [Severity::Broken],
            reason: 'A switch that is freed of mains becomes an input of the board: it wants a core of its own and one '
                . 'that all of its place share, in a cable that reaches the board. The old cable often has none left.',
            threshold: 'one core more than there are switches and buttons at the place, for extra-low voltage or free',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'nobody has named a place for its switches',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        $box = $board->boxPlace();
        foreach (array_diff_key($board->places, [$box => true]) as $id => $place) {
            $contacts = count(array_filter(
                $board->functions,
                static fn(PinFunction $function): bool => $id === $function->place && $function->kind->isContact(),
            ));
            if (0 === $contacts) {
                continue;
            }
            $cables = array_filter($board->houseCables, static fn(HouseCable $cable): bool => $cable->joins($id, $box));
            $cores = array_sum(array_map(
                static fn(HouseCable $cable): int => $cable->cores('low') + $cable->cores('free'),
                $cables,
            ));
            if ($cores > $contacts) {
                continue;
            }
            $unsaid = array_filter($cables, static fn(HouseCable $cable): bool => null === $cable->low?->value
                || null === $cable->free?->value);
            if ([] !== $unsaid) {
                $cable = array_key_first($unsaid);
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    'how many cores are left for its switches',
                    Answer::by(StateHouseCable::class, null === $unsaid[$cable]->free?->value ? 'free' : 'low', $cable),
                );

                continue;
            }
            yield new Finding(
                $this->facts(),
                Severity::Broken,
                $id,
                sprintf(
                    '%d %s at “%s” %s %d cores to the board; %s.',
                    $contacts,
                    1 === $contacts ? 'switch' : 'switches',
                    $place->name,
                    1 === $contacts ? 'wants' : 'want',
                    $contacts + 1,
                    [] === $cables ? 'no cable runs there' : (0 === $cores ? 'none is free' : sprintf('%d can be had', $cores)),
                ),
                proposals: static fn(): array => [new Remedy(
                    sprintf('Pull a cable of %d cores for them alone', $contacts + 1),
                    new RunHouseCable($id, $box, $contacts + 1),
                )],
            );
        }
    }
}
