<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\AssignCode;
use IronLatch\Core\Board\InfraredCode;
use IronLatch\Core\Board\InfraredEncoding;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Control\PulseDistance;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Infrared code that cannot be a key. */
final class CodeFault implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'controls.code-fault',
            version: 2,
            title: 'Infrared code that cannot be a key',
            severities: [Severity::Broken, Severity::Weak],
            reason: 'The third and fourth byte of a 32-bit pulse-distance code are each other’s complement, which shows a slip of the '
                . 'pen. A held key sends a repeat, which some receivers print as FFFFFFFF: it belongs to every key and to none.',
            threshold: 'complement of the command byte; no repeat frame; weak: a code that differs from another in one digit',
            basis: Basis::CommonPractice,
            source: 'layout of the 32-bit pulse-distance code, from memory',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $all = [];
        foreach ($inspection->controls->entries as $entry) {
            foreach (array_filter([$entry->code, $entry->offCode]) as $code) {
                $all[] = [$entry, $code];
            }
        }
        foreach ($inspection->controls->entries as $entry) {
            if (SurfaceKind::InfraredKey === $entry->kind && null === $entry->code) {
                yield new NotChecked($this->facts(), $entry->surface, 'the code of its key');
            }
            foreach ([[$entry->code, false], [$entry->offCode, true]] as [$code, $forOff]) {
                if (null === $code) {
                    continue;
                }
                $away = static fn(): array => [new Remedy('Take the key away here', new AssignCode($entry->surface, forOff: $forOff))];
                if (PulseDistance::isRepeat($code)) {
                    yield new Finding(
                        $this->facts(),
                        Severity::Broken,
                        $entry->surface,
                        sprintf('%s is no key but the sign that the last one is still held.', $code->printed()),
                        proposals: $away,
                    );
                } elseif (!PulseDistance::isSound($code)) {
                    yield new Finding(
                        $this->facts(),
                        Severity::Broken,
                        $entry->surface,
                        sprintf('%s fails its complement: two of its bytes do not belong together.', $code->printed()),
                        proposals: static fn(): array => [...self::mended($entry->surface, $code, $forOff), ...$away()],
                    );
                } else {
                    foreach ($all as [$other, $near]) {
                        if (
                            $other->surface !== $entry->surface
                            && $other->column === $entry->column
                            && self::differInOneDigit($code, $near)
                            && InfraredEncoding::Raw === $code->encoding
                        ) {
                            yield new Finding(
                                $this->facts(),
                                Severity::Weak,
                                $entry->surface,
                                sprintf(
                                    '%s differs from the key of “%s” in one digit, and carries no complement that would show a slip. '
                                        . 'Read it again.',
                                    $code->printed(),
                                    $inspection->board->lines[$other->line]->name,
                                ),
                                proposals: $away,
                            );
                            break 2;
                        }
                    }
                }
            }
        }
        yield from $this->ofGroups($inspection);
    }

    /**
     * @return iterable<Finding|NotChecked>
     */
    private function ofGroups(Inspection $inspection): iterable
    {
        foreach ($inspection->controls->keys as $id => $entry) {
            $code = $entry->key->code;
            if ($entry->key->isInfrared() && null === $code) {
                yield new NotChecked($this->facts(), $id, 'the code of its key');
            } elseif (null !== $code && (PulseDistance::isRepeat($code) || !PulseDistance::isSound($code))) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    PulseDistance::isRepeat($code)
                        ? sprintf('%s is no key but the sign that the last one is still held.', $code->printed())
                        : sprintf('%s fails its complement: two of its bytes do not belong together.', $code->printed()),
                    proposals: static fn(): array => [
                        ...PulseDistance::isRepeat($code) ? [] : self::mended($id, $code, false),
                        new Remedy('Take the key away here', new AssignCode($id)),
                    ],
                );
            }
        }
    }

    /**
     * @return list<Remedy> at most one
     */
    private static function mended(string $surface, InfraredCode $code, bool $forOff): array
    {
        $mended = PulseDistance::mended($code);

        return null === $mended ? [] : [new Remedy('Read it as 0x' . $mended, new AssignCode($surface, $mended, forOff: $forOff))];
    }

    private static function differInOneDigit(InfraredCode $one, InfraredCode $other): bool
    {
        $a = $one->printed();
        $b = $other->printed();

        return strlen($a) === strlen($b) && 1 === count(array_diff_assoc(str_split($a), str_split($b)));
    }
}
