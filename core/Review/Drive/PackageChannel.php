<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Drive;

use IronLatch\Core\Board\Edit\Wiring\ChooseChannel;
use IronLatch\Core\Board\WiringFacts;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\DarlingtonArray;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\LineJoint;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Channel that its package does not have, or that serves another relay already. */
final class PackageChannel implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'drive.package-channel',
            version: 1,
            title: 'Channel that its array does not have, or that another relay has',
            severities: [Severity::Broken],
            joint: LineJoint::Driver,
            reason: 'A relay that is wired to a pin which is no output never moves; two on one channel move as one.',
            threshold: 'the channel chosen in the wiring is no greater than the channels of the array, and no other relay’s',
            basis: Basis::CommonPractice,
            source: 'pads in the part file of the array',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        foreach ($board->wiring->channels as $id => $channel) {
            $together = $board->packageOf($id);
            $chosen = array_intersect_key($board->wiring->channels, $together);
            $array = $board->parts[$board->actuator($id)->driver->switchPart() ?? ''] ?? null;
            $twin = array_search($channel, array_diff_key($chosen, [$id => true]), true);
            $most = $array instanceof DarlingtonArray ? $array->channels : WiringFacts::MOST_CHANNELS;
            $words = match (true) {
                [] === $together => null,
                $array instanceof DarlingtonArray && $channel > $most => sprintf(
                    '“%s” is wired to channel %d, but the %s has %d.',
                    $board->nameOf($id),
                    $channel,
                    $array->identity->name,
                    $most,
                ),
                is_string($twin) => sprintf(
                    '“%s” is wired to channel %d, and so is “%s”.',
                    $board->nameOf($id),
                    $channel,
                    $board->nameOf($twin),
                ),
                default => null,
            };
            $free = array_diff(range(1, $most), $chosen);
            if (null !== $words) {
                yield new Finding($this->facts(), Severity::Broken, $id, $words, proposals: static fn(): array => [] === $free ? [] : [
                    new Remedy(sprintf('Wire it to channel %d', min($free)), new ChooseChannel($id, min($free))),
                ]);
            }
        }
    }
}
