<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\ChangeChannel;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Service whose region is not known. */
final class RegionUnknown implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'controls.region',
            version: 1,
            title: 'Service whose region is not known',
            severities: [Severity::Broken],
            reason: 'A service with several regions has an address for each, and an account of one is not known in '
                . 'another: the board connects, and is refused.',
            threshold: 'channels whose service has regions, with a line on them: one of these is chosen',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'services with one address everywhere',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->channels as $id => $channel) {
            $regions = $inspection->board->profile($channel)->regions;
            if ([] === $regions || [] === $inspection->controls->on($id) || in_array($channel->region, $regions, true)) {
                continue;
            }
            if ('' === $channel->region) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    sprintf('which region’s address “%s” uses: %s', $channel->name, implode(', ', $regions)),
                    Answer::by(ChangeChannel::class, 'region', $id),
                );
            } else {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf('“%s” has no region “%s”; it has %s.', $channel->name, $channel->region, implode(', ', $regions)),
                    proposals: static fn(): array => array_map(
                        static fn(string $region): Remedy => new Remedy('Use ' . $region, new ChangeChannel($id, region: $region)),
                        $regions,
                    ),
                );
            }
        }
    }
}
