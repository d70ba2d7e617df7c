<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\AssignCode;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Control\PulseDistance;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Two lines on one infrared key. */
final class CodeShared implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'controls.code-shared',
            version: 1,
            title: 'Two lines on one infrared key',
            severities: [Severity::Broken],
            reason: 'One press switches both. Each line wants a key of its own, whichever order of bits the code was printed in.',
            threshold: 'infrared codes on one receiver, compared in both orders of bits and without toggle bits',
            basis: Basis::CommonPractice,
            source: 'common practice; layout of the 32-bit pulse-distance code from memory',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $seen = [];
        foreach ($inspection->controls->entries as $entry) {
            foreach ([[$entry->code, false], [$entry->offCode, true]] as [$code, $forOff]) {
                if (null === $code) {
                    continue;
                }
                $key = $entry->column . ' ' . PulseDistance::key($code);
                $other = $seen[$key] ?? null;
                if (null !== $other && $other !== $entry->surface) {
                    yield new Finding(
                        $this->facts(),
                        Severity::Broken,
                        $entry->surface,
                        sprintf(
                            '“%s” and “%s” answer to the same key, %s.',
                            $inspection->board->lines[$inspection->controls->entries[$other]->line]->name,
                            $inspection->board->lines[$entry->line]->name,
                            $code->printed(),
                        ),
                        proposals: static fn(): array => [new Remedy(
                            'Take the key away here',
                            new AssignCode($entry->surface, forOff: $forOff),
                        )],
                    );
                    break;
                }
                $seen[$key] = $entry->surface;
            }
        }
    }
}
