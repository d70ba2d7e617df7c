<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Board;

use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\Edit\Build\ChooseAssembler;
use IronLatch\Core\Board\Edit\Build\StateBuild;
use IronLatch\Core\Catalogue\Assembler;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Parts on both sides for an assembler that populates one. */
final class BothSides implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'board.both-sides',
            version: 1,
            title: 'Parts on both sides for an assembler that populates one',
            severities: [Severity::Broken],
            reason: 'The second side comes back empty, or the order is refused.',
            threshold: 'sides that carry parts against those that the assembler’s terms allow',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'no terms are chosen, or it is not an assembled board',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $build = $inspection->board->build;
        if (BuildForm::Assembled !== $build->form()) {
            return;
        }
        if (null === $build->assembler) {
            yield new NotChecked(
                $this->facts(),
                'terms',
                'under which terms it is assembled',
                Answer::by(ChooseAssembler::class, 'assembler'),
            );

            return;
        }
        $terms = $inspection->board->part($build->assembler, Assembler::class);
        if ($terms->bothSides) {
            return;
        }
        if (null === $build->bothSides?->value) {
            yield new NotChecked(
                $this->facts(),
                'sides',
                'whether parts are soldered on both sides',
                Answer::by(StateBuild::class, 'bothSides'),
            );
        } elseif (true === $build->bothSides->value) {
            yield new Finding(
                $this->facts(),
                Severity::Broken,
                'sides',
                sprintf('Parts lie on both sides; under “%s” one side is populated.', $terms->identity->name),
                proposals: static fn(): array => [
                    new Remedy('Lay all of it out on one side', new StateBuild(bothSides: false)),
                    ...array_map(
                        static fn(Assembler $other): Remedy => new Remedy(
                            sprintf('Have it made: %s', $other->identity->name),
                            new ChooseAssembler($other),
                        ),
                        array_values(array_filter(
                            Repairs::of($inspection)->partsOnOffer(Assembler::class),
                            static fn(Assembler $other): bool => $other->bothSides,
                        )),
                    ),
                ],
            );
        }
    }
}
