<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Board;

use IronLatch\Core\Board\BaseMaterial;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Build\Fit\Outline;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Antenna that looks at metal or parts. */
final class AntennaCovered implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'board.antenna',
            version: 1,
            title: 'Antenna that looks at metal or at other parts',
            severities: [Severity::Weak],
            reason: 'Copper, a relay or a metal wall before the antenna takes the range that the board has on the desk.',
            threshold: 'nothing lies before the antenna up to the edge of the plan; the box is no metal',
            basis: Basis::DataSheet,
            source: '15 mm free before the antenna: module makers, from memory',
            silentWhen: 'the controller has no radio, or its program uses none',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $layout = $inspection->layout();
        if (null === $layout || false === $inspection->board->program->radioUsed->value) {
            return;
        }
        $antennas = array_filter($layout->parts, static fn(Outline $part): bool => $part->antenna);
        if ([] !== $antennas && true === $layout->space?->isMetal) {
            yield new Finding(
                $this->facts(),
                Severity::Weak,
                'box',
                'The box is of metal: next to nothing of the radio comes out of it.',
                proposals: static fn(): array => [
                    new Remedy('Use a flame-rated enclosure that needs a tool to open', new StateBox(enclosure: BaseMaterial::FlameRated)),
                ],
            );

            return;
        }
        foreach ($layout->shutIn() as [$laid, $other]) {
            if ($laid->part->antenna) {
                yield new Finding(
                    $this->facts(),
                    Severity::Weak,
                    $laid->part->id,
                    sprintf('The antenna of %s looks at %s.', $laid->part->id, $other->part->id),
                    proposals: static fn(): array => Layouts::remedies($inspection),
                );
            }
        }
    }
}
