<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\BaseMaterial;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\OutletKind;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\HoldPoint;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** No protective earth where it is wanted. */
final class EarthMissing implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.no-earth',
            version: 2,
            title: 'No protective earth where it is wanted',
            severities: [Severity::Danger],
            reason: 'A metal case without earth becomes live with the first fault inside, and nothing switches it off.',
            threshold: 'protective earth straight through to every appliance of class I, every outlet that offers earth, and every metal '
                . 'case; verified on each copy',
            basis: Basis::Standard,
            source: 'IEC 61140, from memory; local codes decide',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach (OnMains::hurting($inspection) as $id => $line) {
            $outlet = $line->safety?->outlet?->value;
            $wants = $inspection->board->appliance($line)->earthed
                ? 'its appliance has parts that must be earthed'
                : ($outlet instanceof OutletKind && $outlet->offersEarth() ? 'its outlet offers earth to whatever is plugged in' : null);
            if (null === $wants && !$outlet instanceof OutletKind) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    'where it leaves the box: an outlet may offer earth',
                    Answer::by(StateSafety::class, 'outlet', $id),
                );
            }
            if (null === $wants) {
                continue;
            }
            if (null === $line->safety?->earthJoined?->value) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    'whether protective earth runs through to it: ' . $wants,
                    Answer::by(StateSafety::class, 'earthJoined', $id),
                );
            } elseif (false === $line->safety->earthJoined->value) {
                yield new Finding(
                    $this->facts(),
                    Severity::Danger,
                    $id,
                    sprintf('“%s” has no protective earth, but %s.', $line->name, $wants),
                    proposals: static fn(): array => [new Remedy(
                        sprintf('Run the %s straight through', $inspection->board->system()->earthConductor),
                        new StateSafety([$id], earthJoined: true),
                    )],
                );
            } else {
                yield new HoldPoint(
                    $this->facts(),
                    $id,
                    sprintf('Protective earth runs straight through to “%s”: 0.1 Ω or less besides the lead.', $line->name),
                );
            }
        }
        $box = $inspection->board->box;
        if (BaseMaterial::Metal === $box?->enclosure?->value && OnMains::anyHurting($inspection)) {
            if (null === $box->enclosureEarthed?->value) {
                yield new NotChecked(
                    $this->facts(),
                    'board',
                    'whether its metal case is joined to protective earth',
                    Answer::by(StateBox::class, 'enclosureEarthed'),
                );
            } elseif (true === $box->enclosureEarthed->value) {
                yield new HoldPoint($this->facts(), 'board', 'The metal case is joined to protective earth: 0.1 Ω or less.');
            } else {
                yield new Finding(
                    $this->facts(),
                    Severity::Danger,
                    'board',
                    'The metal case is not joined to protective earth.',
                    proposals: static fn(): array => [new Remedy(
                        'Join the case to protective earth',
                        new StateBox(enclosureEarthed: true),
                    )],
                );
            }
        }
    }
}
