<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Lines\SenseState;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\OptoCoupler;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** A two-way circuit whose state nobody tells the board. */
final class TwoWayUnheard implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.two-way-unheard',
            version: 1,
            title: 'Two-way circuit whose state the board cannot know',
            severities: [Severity::Broken],
            reason: 'The same level at the relay is on or off, as the old switch stands. A command for “on” that does not hear the '
                . 'state switches off half of the time, and every surface shows the wrong thing.',
            threshold: 'the state is heard behind the contact',
            basis: Basis::CommonPractice,
            source: 'the truth table of a two-way circuit',
            silentWhen: 'no line is one end of a two-way circuit',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach (OnMains::lines($inspection) as $id => $line) {
            if (null === $line->twoWay || null !== $line->sense) {
                continue;
            }
            yield new Finding(
                $this->facts(),
                Severity::Broken,
                $id,
                sprintf('“%s” is on or off as the old switch stands, and the board does not hear which.', $line->name),
                proposals: static fn(): array => self::remedies($inspection, $id, $line->name),
            );
        }
    }

    /**
     * @return list<Remedy>
     */
    private static function remedies(Inspection $inspection, string $id, string $name): array
    {
        foreach (Repairs::of($inspection)->partsOnOffer(OptoCoupler::class) as $coupler) {
            return Repairs::of($inspection)->seated(
                sprintf('Hear its state through %s', lcfirst($coupler->identity->name)),
                sprintf('Hear the state of “%s”', $name),
                new SenseState($id, $coupler),
            );
        }

        return [];
    }
}
