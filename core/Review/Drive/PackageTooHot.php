<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Drive;

use IronLatch\Core\Board\ArrayChannel;
use IronLatch\Core\Board\Edit\Drivers\ChooseDriver;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Drive\DriverAnalysis;
use IronLatch\Core\Drive\PackageHeat as Heat;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\LineJoint;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Array that gets too hot, or has too few channels. */
final class PackageTooHot implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'drive.package-heat',
            version: 1,
            title: 'Array that gets too hot',
            severities: [Severity::Broken, Severity::Weak],
            reason: 'Every channel that is on drops about a volt, and all that heat leaves through one small package.',
            threshold: 'permitted over actual rise of the junction with all channels of a package on; at typical currents broken, at the '
                . 'greatest weak; and no more channels used than it has',
            basis: Basis::DataSheet,
            source: 'thermal resistance and greatest junction temperature of the array’s part file',
            joint: LineJoint::Coil,
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach (Heat::of($inspection->board, $inspection->drive) as $heat) {
            $subject = $heat->actuators[0];
            if (count($heat->actuators) > $heat->array->channels) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $subject,
                    sprintf(
                        '%d relays hang on the package %s, which has %d channels.',
                        count($heat->actuators),
                        $heat->package,
                        $heat->array->channels,
                    ),
                    proposals: static fn(): array => self::remedies($inspection, $heat),
                );
            } elseif (MarginState::Sound !== $heat->margin->state()) {
                $isBroken = MarginState::Broken === $heat->margin->state();
                $figure = $isBroken ? $heat->margin->nominal : $heat->margin->worst;
                yield new Finding(
                    $this->facts(),
                    $isBroken ? Severity::Broken : Severity::Weak,
                    $subject,
                    sprintf(
                        'With its %d relays on, the package %s reaches %s inside%s; it bears %s.',
                        count($heat->actuators),
                        $heat->package,
                        $figure->needs(),
                        $isBroken ? '' : ' at its hottest',
                        $figure->has(),
                    ),
                    [$figure, $isBroken ? $heat->margin->worst : $heat->margin->nominal],
                    static fn(): array => self::remedies($inspection, $heat),
                );
            }
        }
    }

    /**
     * The relays dealt out to as many packages as keep cool.
     *
     * @return list<Remedy>
     */
    private static function remedies(Inspection $inspection, Heat $heat): array
    {
        $board = $inspection->board;
        for ($packages = 2; $packages <= count($heat->actuators); ++$packages) {
            $edits = [];
            foreach (array_chunk($heat->actuators, max(1, (int) ceil(count($heat->actuators) / $packages))) as $number => $actuators) {
                $edits[] = new ChooseDriver(
                    $actuators,
                    new ArrayChannel(
                        $heat->array->identity->id,
                        $heat->package . ('' === $heat->package || 0 === $number ? '' : chr(ord('A') + $number)),
                    ),
                    [],
                    $heat->array->identity->name,
                );
            }
            $edit = new Sequence(sprintf('Share the relays of %s among %d packages', $heat->package, $packages), $edits);
            $after = $edit->apply($board);
            $hot = array_filter(
                Heat::of($after, DriverAnalysis::of($after)),
                static fn(Heat $one): bool => count($one->actuators) > $one->array->channels
                    || MarginState::Sound !== $one->margin->state(),
            );
            if ([] === $hot) {
                return [new Remedy(sprintf('Use %d packages', $packages), $edit)];
            }
        }

        return [];
    }
}
