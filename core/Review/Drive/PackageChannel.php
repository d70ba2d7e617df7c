<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Drive;

use IronLatch\Core\Board\Edit\Wiring\ChooseChannel;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\DarlingtonArray;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\LineJoint;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Channel that its package does not have. */
final class PackageChannel implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'drive.package-channel',
            version: 1,
            title: 'Channel that its array does not have',
            severities: [Severity::Broken],
            joint: LineJoint::Driver,
            reason: 'A relay that is wired to a pin which is no output never moves.',
            threshold: 'the channel chosen in the wiring is no greater than the channels of the array',
            basis: Basis::CommonPractice,
            source: 'pads in the part file of the array',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        foreach ($board->wiring->channels as $id => $channel) {
            $array = $board->parts[$board->actuator($id)->driver->switchPart() ?? ''] ?? null;
            if (!$array instanceof DarlingtonArray || $channel <= $array->channels) {
                continue;
            }
            yield new Finding(
                $this->facts(),
                Severity::Broken,
                $id,
                sprintf(
                    '“%s” is wired to channel %d, but the %s has %d.',
                    $board->nameOf($id),
                    $channel,
                    $array->identity->name,
                    $array->channels,
                ),
                proposals: static function () use ($board, $id, $array): array {
                    $free = array_diff(range(1, $array->channels), $board->wiring->channels);

                    return [] === $free ? [] : [
                        new Remedy(sprintf('Wire it to channel %d', min($free)), new ChooseChannel($id, min($free))),
                    ];
                },
            );
        }
    }
}
