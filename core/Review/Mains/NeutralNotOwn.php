<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\ConductorColours;
use IronLatch\Core\Board\Edit\House\StatePlace;
use IronLatch\Core\Board\NeutralHere;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\HoldPoint;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** A neutral that belongs to another circuit, or to several. */
final class NeutralNotOwn implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.neutral-not-own',
            version: 1,
            title: 'Neutral of another circuit, or shared by several',
            severities: [Severity::Danger],
            reason: 'A borrowed neutral is live through the load while its breaker is off, and no residual-current '
                . 'device stays in. One that several phases share carries more than its breaker knows of, and puts '
                . 'the voltage between phases on appliances when it comes loose.',
            threshold: 'the neutral at every place is that of the circuit that feeds it; verified on each copy',
            basis: Basis::Standard,
            source: 'IEC 60364-5-52 (no neutral shared by circuits) and IEC 60364-4-46, from memory; local codes decide',
            silentWhen: 'no neutral is there, or the box is plugged in',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach (InHouse::places($inspection) as $id => $place) {
            $neutral = $place->neutral?->value;
            if (NeutralHere::Borrowed === $neutral || NeutralHere::Shared === $neutral) {
                yield new Finding(
                    $this->facts(),
                    Severity::Danger,
                    $id,
                    NeutralHere::Borrowed === $neutral
                        ? sprintf(
                            'The neutral at “%s” belongs to another circuit: it is live while its own breaker is off.',
                            $place->name,
                        )
                        : sprintf('Several phases share the neutral at “%s”: it carries what no breaker limits.', $place->name),
                    proposals: static fn(): array => [new Remedy(
                        'Have a neutral of the same circuit pulled in',
                        new StatePlace([$id], neutral: NeutralHere::ToBePulled),
                    )],
                );
            } elseif (true === $neutral?->isItsOwn()) {
                yield new HoldPoint($this->facts(), $id, sprintf(
                    'The neutral at “%s” belongs to the circuit that feeds it: with that breaker off it carries nothing%s.',
                    $place->name,
                    ConductorColours::Old === $place->colours?->value
                        ? '; each wire was proved and not read from its colour, since the colours there are old'
                        : '',
                ));
            }
        }
    }
}
