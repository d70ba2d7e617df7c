<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring;

/**
 * Ends of one net that sit side by side on the board because they belong to one driver or one input: they are joined there, and one wire
 * leads away from all of them.
 */
final class Clusters
{
    /**
     * @param array<string, WiredDevice> $devices
     * @return array<string, End> the end that the wire leads to, by the name of each other end of its cluster
     */
    public static function of(array $devices, Net $net): array
    {
        if ($net->kind->isMains()) {
            return [];
        }
        $clusters = [];
        foreach ($net->ends as $end) {
            $kind = $devices[$end->device]->kind;
            // Packages serve several, and a rail’s own capacitors stand apart.
            $isOfOne = null === $end->via && ($kind->isSmallPart() || DeviceKind::Relay === $kind);
            if ($isOfOne && 1 === preg_match('/^[AF]\d/', $end->subject)) {
                $clusters[$end->subject][] = $end;
            }
        }
        $leaders = [];
        foreach ($clusters as $ends) {
            usort($ends, static fn(End $one, End $other): int => [$devices[$one->device]->kind->rank(), $one->name()]
                <=> [$devices[$other->device]->kind->rank(), $other->name()]);
            foreach (array_slice($ends, 1) as $end) {
                $leaders[$end->name()] = $ends[0];
            }
        }

        return $leaders;
    }
}
