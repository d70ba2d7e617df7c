<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Board\Edit\Functions\StateRepeated;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\HoldPoint;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Appliance that must not start by itself, started by somebody who is not there. */
final class AbsentHand implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.absent-hand',
            version: 1,
            title: 'Appliance that must not start by itself, started by somebody who is not there',
            severities: [Severity::Danger],
            reason: 'A message, a spoken name, a radio command or an infrared code that something repeats comes from somebody who does '
                . 'not see the appliance: what lies on the heater, whose hand is in the saw. Such hands may switch off and nothing else.',
            threshold: 'no message, service, spoken name, serial radio and no infrared code that something repeats switches on what must '
                . 'never start by itself, unless the papers of the appliance allow remote start (verified on each copy)',
            basis: Basis::CommonPractice,
            source: 'common practice; IEC 60335-2-30 forbids it for portable room heaters, from memory',
            silentWhen: 'the surface only switches off, or acts in sight of the appliance',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $held = [];
        foreach ($inspection->controls->entries as $id => $entry) {
            $board = $inspection->board;
            if (!$board->mustNotStart($entry->line) || !$entry->operation->canSwitchOn()) {
                continue;
            }
            $line = $board->lines[$entry->line];
            $isInfrared = SurfaceKind::InfraredKey === $entry->kind;
            $repeated = $isInfrared ? ($board->functions[$line->surfaces[$id]->function] ?? null)?->repeated?->value : null;
            if (!$entry->kind->isRemote() && !$isInfrared || false === $repeated) {
                continue;
            }
            if (true === $line->safety?->remoteStart?->value) {
                $held[$entry->line] = sprintf(
                    'The papers of the appliance of “%s” allow that somebody who is not there starts it.',
                    $line->name,
                );
            } elseif ($isInfrared && null === $repeated) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    'whether something repeats its infrared codes, with nobody in the room',
                    Answer::by(StateRepeated::class, 'repeated', $line->surfaces[$id]->function),
                );
            } else {
                yield new Finding($this->facts(), Severity::Danger, $id, sprintf(
                    '“%s” must never start by itself, but by %s%s somebody who is not there switches it on.',
                    $line->name,
                    $isInfrared ? 'an infrared code that something repeats' : 'a ' . $entry->kind->value,
                    isset($board->channels[$entry->column]) ? sprintf(
                        ' (“%s”)',
                        $inspection->controls->columns[$entry->column]->title,
                    ) : '',
                ), proposals: static fn(): array => [
                    new Remedy('Let it only switch off', TellSurface::keeping($id, $line->surfaces[$id], Operation::Off)),
                    new Remedy(
                        'Say that the papers of the appliance allow remote start',
                        new StateSafety([$entry->line], remoteStart: true),
                    ),
                ]);
            }
        }
        foreach ($held as $line => $words) {
            yield new HoldPoint($this->facts(), $line, $words);
        }
    }
}
