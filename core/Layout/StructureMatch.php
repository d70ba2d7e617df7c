<?php

declare(strict_types=1);

namespace IronLatch\Core\Layout;

/**
 * Finds parts that bear another name by what they are joined to. Where the nets are known by the parts that are, a part that lies on the
 * same ones is the same. Else every part and net gets a mark that tells what hangs on it, drawn from those beside it again and again; a
 * mark that one part here and one part there has, and no other, makes them the same (colour refinement of graphs, after B. Weisfeiler and
 * A. Leman, 1968, from memory).
 */
final readonly class StructureMatch
{
    /** How far a mark looks, the farthest first: beside a fault only the near view agrees. */
    private const REACHES = [3, 2, 1];

    /** @var array<int|string, list<string>> nets by part here */
    private array $own;
    /** @var array<int|string, list<string>> nets by part there */
    private array $their;

    public function __construct(OwnNetlist $ours, LayoutNetlist $layout)
    {
        $own = $their = [];
        foreach ($ours->netOf as $pin => $net) {
            $part = OwnNetlist::part($pin);
            if (isset($ours->onBoard[$part])) {
                $own[$part][] = $net;
            }
        }
        foreach ($layout->parts as $part => $pins) {
            foreach (array_keys($pins) as $pin) {
                $net = $layout->netOf((string) $part, (string) $pin);
                if ('' !== $net) {
                    $their[$part][] = $net;
                }
            }
        }
        $this->own = $own;
        $this->their = $their;
    }

    /**
     * @param array<int|string, string> $known designator here by name there
     * @param array<int|string, string> $aside names there that are no part here
     * @param \Closure(array<int|string, string>): array<int|string, string> $nets net here by net there, as far as known parts tell it
     * @return array<int|string, string> what else is the same
     */
    public function further(array $known, array $aside, \Closure $nets): array
    {
        $found = [];
        // Without anything unknown on both sides there is nothing to find.
        while ([] !== array_diff(array_keys($this->own), $known, $found) && [] !== array_diff_key($this->their, $known, $found, $aside)) {
            $all = $known + $found;
            $new = $this->onSameNets($all, $aside, $nets($all));
            $new = [] === $new ? $this->once($all, $aside) : $new;
            if ([] === $new) {
                break;
            }
            $found += $new;
        }

        return $found;
    }

    /**
     * @param array<int|string, string> $known
     * @param array<int|string, string> $aside
     * @param array<int|string, string> $nets
     * @return array<int|string, string>
     */
    private function onSameNets(array $known, array $aside, array $nets): array
    {
        // A net that nobody knows yet tells nothing: two of them would be the same.
        $named = array_flip($nets);

        return self::same(
            self::alone(self::named($this->own, static fn(string $net): string => isset($named[$net]) ? $net : '?'), array_flip($known)),
            self::alone(self::named($this->their, static fn(string $net): string => $nets[$net] ?? '?'), $known + $aside),
        );
    }

    /**
     * @param array<int|string, list<string>> $parts nets by part
     * @param \Closure(string): string $name of a net
     * @return array<int|string, string> names of the nets in one word, by part
     */
    private static function named(array $parts, \Closure $name): array
    {
        $named = array_map(static function (array $nets) use ($name): string {
            $names = array_map($name, $nets);
            sort($names);

            return implode(' ', $names);
        }, $parts);

        // What lies on no known net at all cannot be told by its nets.
        return array_filter($named, static fn(string $names): bool => '' !== trim($names, '? '));
    }

    /**
     * @param array<string, string> $here part by mark
     * @param array<string, string> $there
     * @return array<int|string, string>
     */
    private static function same(array $here, array $there): array
    {
        $same = [];
        foreach (array_intersect_key($here, $there) as $mark => $id) {
            $same[$there[$mark]] = $id;
        }

        return $same;
    }

    /**
     * @param array<int|string, string> $known
     * @param array<int|string, string> $aside
     * @return array<int|string, string>
     */
    private function once(array $known, array $aside): array
    {
        foreach (self::REACHES as $reach) {
            $here = self::alone(self::marks($this->own, array_combine($known, $known), $reach), array_flip($known));
            $there = self::alone(self::marks($this->their, $known, $reach), $known + $aside);
            $same = self::same($here, $there);
            if ([] !== $same) {
                return $same;
            }
        }

        return [];
    }

    /**
     * @param array<int|string, list<string>> $parts nets by part
     * @param array<int|string, string> $known a name of its own by part
     * @return array<int|string, string> mark by part
     */
    private static function marks(array $parts, array $known, int $reach): array
    {
        $marks = array_map(static fn(array $nets): string => (string) count($nets), $parts);
        foreach ($known as $part => $id) {
            $marks[$part] = '=' . $id;
        }
        $members = [];
        foreach ($parts as $part => $nets) {
            foreach ($nets as $net) {
                $members[$net][] = $part;
            }
        }
        for ($round = 0; $round < $reach; ++$round) {
            $nets = array_map(static function (array $on) use ($marks): string {
                $all = array_map(static fn(int|string $part): string => $marks[$part], $on);
                sort($all);

                return hash('xxh64', implode(' ', $all));
            }, $members);
            foreach ($parts as $part => $on) {
                if (!isset($known[$part])) {
                    $all = array_map(static fn(string $net): string => $nets[$net], $on);
                    sort($all);
                    $marks[$part] = hash('xxh64', implode(' ', $all));
                }
            }
        }

        return $marks;
    }

    /**
     * @param array<int|string, string> $marks
     * @param array<int|string, mixed> $without
     * @return array<string, string> part by mark, of marks that one part alone has
     */
    private static function alone(array $marks, array $without): array
    {
        $parts = [];
        foreach (array_diff_key($marks, $without) as $part => $mark) {
            $parts[$mark][] = (string) $part;
        }

        return array_map(
            static fn(array $all): string => $all[0],
            array_filter($parts, static fn(array $all): bool => 1 === count($all)),
        );
    }
}
