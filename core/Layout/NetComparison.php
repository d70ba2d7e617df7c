<?php

declare(strict_types=1);

namespace IronLatch\Core\Layout;

use IronLatch\Core\Review\Severity;
use IronLatch\Core\Wiring\DeviceKind;
use IronLatch\Core\Wiring\Net;
use IronLatch\Core\Wiring\NetKind;

/**
 * What a layout joins against what it should join. Each net here is held against the net there that has most of its pins; what lies
 * elsewhere is broken off, exchanged with another, or on the wrong net; two nets here that end in one there are joined.
 */
final class NetComparison
{
    /** A pin that may be exchanged with its neighbour says less about where its net is. */
    private const ALIKE_WEIGHT = 0.5;
    /** In netlists nets are cut to so many letters. */
    private const NAME_LETTERS = 14;
    /** A net of the same name is the same net rather than one that has one pin more. */
    private const NAME_WEIGHT = 1.0;
    /** So many pins of one part that lie where others should are one fault of the part. */
    private const MANY_PINS = 3;

    /** @var array<string, string> net there by pin; pins on none get a net of their own */
    private array $at = [];
    /** @var array<string, list<string>> pins that are there, by net here */
    private array $pinsOf = [];
    /** @var array<string, string> net there by net here */
    private array $picks = [];
    /** @var array<int|string, list<string>> nets here by net there */
    private array $picked = [];
    /** @var array<string, true> parts that stand otherwise as a whole */
    private array $turned = [];
    /** @var list<LayoutFinding> */
    private array $findings = [];

    private function __construct(private readonly OwnNetlist $own, private readonly PartMatch $match) {}

    /**
     * @return list<LayoutFinding>
     */
    public static function of(OwnNetlist $own, PartMatch $match): array
    {
        $comparison = new self($own, $match);
        $comparison->prepare();
        $comparison->compare();

        return $comparison->findings;
    }

    private function prepare(): void
    {
        foreach ($this->match->pins as $pin => $net) {
            $this->at[$pin] = '' === $net ? "\0" . $pin : $net;
            $here = $this->own->netOf[$pin] ?? null;
            if (null !== $here) {
                $this->pinsOf[$here][] = $pin;
            }
        }
        $this->pick();
        if ($this->turnAlike()) {
            $this->pick();
        }
    }

    /** Chooses for each net here the net there that has most of its pins. */
    private function pick(): void
    {
        /** @var array<string, non-empty-array<int|string, float>> $shares */
        $shares = [];
        foreach ($this->pinsOf as $net => $pins) {
            foreach ($pins as $pin) {
                $weight = $this->own->isSymmetric(OwnNetlist::part($pin)) ? self::ALIKE_WEIGHT : 1.0;
                $shares[$net][$this->at[$pin]] = ($shares[$net][$this->at[$pin]] ?? 0.0) + $weight;
            }
        }
        foreach ($shares as $net => $there) {
            foreach ($there as $name => $share) {
                $shares[$net][$name] = $share + (self::isSameName($net, (string) $name) ? self::NAME_WEIGHT : 0.0);
            }
        }
        // The surest nets choose first.
        uasort($shares, static fn(array $one, array $other): int => max($other) <=> max($one));
        $this->picks = $this->picked = [];
        foreach ($shares as $net => $there) {
            $most = array_keys($there, max($there), true);
            usort($most, fn(string|int $one, string|int $other): int => $this->rank($net, (string) $one)
                <=> $this->rank($net, (string) $other));
            $this->picks[$net] = (string) $most[0];
            $this->picked[$most[0]][] = $net;
        }
    }

    /** Among nets there that have as many pins: one that nobody has chosen before any other. */
    private function rank(string $net, string $there): int
    {
        return match (true) {
            self::isSameName($net, $there) => 0,
            !isset($this->picked[$there]) => 1,
            default => 2,
        };
    }

    private static function isSameName(string $net, string $there): bool
    {
        $short = static fn(string $name): string => strtolower(substr(ltrim($name, '&'), 0, self::NAME_LETTERS));

        return $short($net) === $short($there);
    }

    /** Turns parts round that are the same either way, where they lie the other way round there. */
    private function turnAlike(): bool
    {
        $turned = false;
        foreach (array_unique($this->match->parts) as $part) {
            $pairs = $this->alikePins($part);
            foreach ($pairs as [$one, $other]) {
                $wants = [$this->picks[$this->own->netOf[$one] ?? ''] ?? null, $this->picks[$this->own->netOf[$other] ?? ''] ?? null];
                $straight = ($wants[0] === $this->at[$one] ? 1 : 0) + ($wants[1] === $this->at[$other] ? 1 : 0);
                $round = ($wants[0] === $this->at[$other] ? 1 : 0) + ($wants[1] === $this->at[$one] ? 1 : 0);
                if ($round > $straight) {
                    [$this->at[$one], $this->at[$other]] = [$this->at[$other], $this->at[$one]];
                    $turned = true;
                }
            }
        }

        return $turned;
    }

    /**
     * @return list<array{string, string}> pins of a part that may be exchanged
     */
    private function alikePins(string $part): array
    {
        $pairs = [];
        $ports = array_values(array_filter(
            $this->own->ports[$part] ?? [],
            fn(string $port): bool => isset($this->at[$part . '.' . $port]),
        ));
        foreach ($ports as $place => $one) {
            foreach (array_slice($ports, $place + 1) as $other) {
                if ($this->own->areAlike($part, $one, $other)) {
                    $pairs[] = [$part . '.' . $one, $part . '.' . $other];
                }
            }
        }

        return $pairs;
    }

    private function compare(): void
    {
        $this->oneMetal();
        foreach ($this->picked as $there => $nets) {
            if (count($nets) > 1 && !str_starts_with((string) $there, "\0")) {
                $this->joined($nets);
            }
        }
        $stray = [];
        foreach ($this->pinsOf as $net => $pins) {
            foreach ($pins as $pin) {
                if ($this->at[$pin] !== $this->picks[$net]) {
                    $stray[$pin] = $net;
                }
            }
        }
        $stray = $this->exchanged($this->turnedParts($stray));
        $broken = [];
        foreach ($stray as $pin => $net) {
            $there = $this->picked[$this->at[$pin]] ?? [];
            if ([] === $there) {
                $broken[$net][] = $pin;
            } else {
                $this->onOtherNet($pin, $net, $there[0]);
            }
        }
        $broken = $this->freePins($broken);
        foreach (array_filter($broken, static fn(array $pins): bool => [] !== $pins) as $net => $pins) {
            $this->broken($net, array_values($pins));
        }
    }

    /** A pin is one piece of metal: two nets that both lie on it are joined by it, though the file calls them two. */
    private function oneMetal(): void
    {
        foreach ($this->match->pads as $pin => $pads) {
            $names = array_values(array_unique(array_filter(
                array_map(static fn(Pad $pad): string => $pad->net, $pads),
                static fn(string $net): bool => '' !== $net,
            )));
            if (count($names) > 1) {
                $nets = array_map(fn(string $name): array => $this->picked[$name] ?? [], $names);
                $this->add(
                    LayoutFault::Joined,
                    sprintf('%s lies on %s there: it joins them.', $this->words($pin), self::listed(
                        array_map(static fn(string $name): string => '“' . $name . '”', $names),
                    )),
                    [$pin],
                    array_map(fn(string $net): Net => $this->own->nets[$net], array_merge(...$nets)),
                );
            }
        }
    }

    /**
     * A part of which many pins lie where others should is one fault: a header that is mirrored, the pad map of another package.
     *
     * @param array<string, string> $stray net here by pin
     * @return array<string, string> what is left
     */
    private function turnedParts(array $stray): array
    {
        $elsewhere = [];
        foreach ($stray as $pin => $net) {
            if ([] !== ($this->picked[$this->at[$pin]] ?? [])) {
                $elsewhere[OwnNetlist::part($pin)][$pin] = $net;
            }
        }
        foreach (array_filter($elsewhere, static fn(array $pins): bool => count($pins) >= self::MANY_PINS) as $part => $pins) {
            $this->turned[$part] = true;
            $examples = array_map(
                fn(string $pin): string => sprintf(
                    '%s lies on “%s”',
                    $this->pad($pin),
                    $this->own->nets[$this->picked[$this->at[$pin]][0]]->name,
                ),
                array_slice(array_keys($pins), 0, 3),
            );
            $this->add(
                LayoutFault::WrongWayRound,
                sprintf(
                    '%s stands the wrong way round, or has another pad map: %d of its pins lie where others should. %s.',
                    $part,
                    count($pins),
                    ucfirst(self::listed($examples)),
                ),
                array_keys($pins),
                // Where its pins should lie and where they do: what comes to it may be mains.
                array_map(fn(string $net): Net => $this->own->nets[$net], array_values(array_unique([
                    ...array_values($pins),
                    ...array_map(fn(string $pin): string => $this->picked[$this->at[$pin]][0], array_keys($pins)),
                ]))),
            );
        }

        return array_filter($stray, fn(string $pin): bool => !isset($this->turned[OwnNetlist::part($pin)]), ARRAY_FILTER_USE_KEY);
    }

    /**
     * Pins that lie where the other should: those of one part first.
     *
     * @param array<string, string> $stray net here by pin
     * @return array<string, string> what is left
     */
    private function exchanged(array $stray): array
    {
        $pairs = [];
        foreach ([true, false] as $ofOnePart) {
            foreach ($stray as $pin => $net) {
                foreach (array_key_exists($pin, $stray) ? $stray : [] as $other => $otherNet) {
                    $isPair = $pin !== $other && $net !== $otherNet
                        && $this->at[$pin] === $this->picks[$otherNet] && $this->at[$other] === $this->picks[$net]
                        && ($ofOnePart === (OwnNetlist::part($pin) === OwnNetlist::part($other)));
                    if ($isPair) {
                        $pairs[] = [$pin, $other];
                        unset($stray[$pin], $stray[$other]);
                        break;
                    }
                }
            }
        }
        foreach ($pairs as [$pin, $other]) {
            $this->pair($pin, $other);
        }

        return $stray;
    }

    private function pair(string $pin, string $other): void
    {
        [$net, $otherNet] = [$this->net($pin), $this->net($other)];
        $part = OwnNetlist::part($pin);
        $device = $this->own->connections->devices[$part] ?? null;
        $isPolar = $part === OwnNetlist::part($other) && in_array(
            $device?->kind,
            [DeviceKind::Diode, DeviceKind::Transistor, DeviceKind::Lamp, DeviceKind::Capacitor],
            true,
        );
        $this->add(
            $isPolar ? LayoutFault::WrongWayRound : LayoutFault::Exchanged,
            $isPolar
                ? sprintf('%s stands the wrong way round: its pads %s and %s are exchanged.', $part, $this->pad($pin), $this->pad($other))
                : sprintf('%s and %s are exchanged.%s', $this->words($pin), $this->words($other), $this->crossed($net, $otherNet)),
            [$pin, $other],
            [$net, $otherNet],
        );
    }

    /** Which line would then act on what belongs to which. */
    private function crossed(Net $net, Net $other): string
    {
        $lines = $this->own->lines($net);
        $others = $this->own->lines($other);
        if ([] === $lines || [] === $others || $lines === $others) {
            return sprintf(' “%s” would lie where “%s” should, and the other way round.', $net->name, $other->name);
        }

        return sprintf(
            ' “%s” would then act on %s, and “%s” on %s.',
            $net->name,
            self::quoted($others, $lines),
            $other->name,
            self::quoted($lines, $others),
        );
    }

    /**
     * @param array<string, string> $lines
     * @param array<string, string> $without unless nothing else is left
     */
    private static function quoted(array $lines, array $without): string
    {
        $own = array_diff_key($lines, $without);

        return implode(', ', array_map(static fn(string $name): string => '“' . $name . '”', [] === $own ? $lines : $own));
    }

    /**
     * @param list<string> $nets
     */
    private function joined(array $nets): void
    {
        $all = array_map(fn(string $net): Net => $this->own->nets[$net], $nets);
        $names = array_map(static fn(Net $net): string => '“' . $net->name . '”', $all);
        $pins = array_map(fn(string $net): string => $this->pinsOf[$net][0], $nets);
        $this->add(
            LayoutFault::Joined,
            sprintf('%s are one net there: they must stay apart.', self::listed($names)),
            $pins,
            $all,
        );
    }

    private function onOtherNet(string $pin, string $net, string $other): void
    {
        [$right, $wrong] = [$this->own->nets[$net], $this->own->nets[$other]];
        $isMains = OwnNetlist::isLive($wrong) && !$this->own->touchesMains(OwnNetlist::part($pin));
        $this->add(
            $isMains ? LayoutFault::MainsOnLow : LayoutFault::OnOtherNet,
            sprintf(
                '%s lies on “%s” there, and should lie on “%s”.%s',
                $this->words($pin),
                $wrong->name,
                $right->name,
                $isMains ? ' Mains would come to a part of the low-voltage side.' : '',
            ),
            [$pin],
            [$right, $wrong],
        );
    }

    /**
     * @param list<string> $pins
     */
    private function broken(string $net, array $pins): void
    {
        $right = $this->own->nets[$net];
        $on = $this->picks[$net];
        $spare = array_filter($pins, fn(string $pin): bool => [] !== array_filter(
            $this->pinsOf[$net],
            fn(string $other): bool => $this->at[$other] === $on && OwnNetlist::part($other) === OwnNetlist::part($pin)
                && $this->own->sameTerminal($pin, $other),
        ));
        $isSpare = count($spare) === count($pins);
        $words = self::listed(array_map($this->words(...), $pins));
        $this->add(
            LayoutFault::Broken,
            $isSpare
                ? sprintf('%s lies free there: the other pad of the same terminal alone carries “%s”.', $words, $right->name)
                : sprintf('“%s” is broken: %s %s not joined to the rest of it.', $right->name, $words, 1 === count($pins) ? 'is' : 'are'),
            $pins,
            [$right],
            $isSpare ? Severity::Weak : null,
        );
    }

    /**
     * Pins that nothing should be joined to, on a net of this board: instead of another pin of the same part, or besides.
     *
     * @param array<string, list<string>> $broken pins that are not joined to the rest, by net
     * @return array<string, array<int, string>> what is left of them
     */
    private function freePins(array $broken): array
    {
        foreach ($this->at as $pin => $there) {
            $isFree = !isset($this->own->netOf[$pin]) && !isset($this->turned[OwnNetlist::part($pin)]) && !str_starts_with($there, "\0");
            $nets = $isFree ? $this->picked[$there] ?? [] : [];
            foreach (array_slice($nets, 0, 1) as $net) {
                $part = OwnNetlist::part($pin);
                $instead = array_filter($broken[$net] ?? [], static fn(string $one): bool => OwnNetlist::part($one) === $part);
                if (1 === count($instead)) {
                    $this->instead(current($instead), $pin, $this->own->nets[$net]);
                    unset($broken[$net][key($instead)]);
                } else {
                    $this->notFree($pin, $this->own->nets[$net]);
                }
            }
        }

        return $broken;
    }

    private function instead(string $right, string $pin, Net $net): void
    {
        $this->add(
            LayoutFault::OnOtherNet,
            sprintf('“%s” goes to %s there, and should go to %s.', $net->name, $this->words($pin), $this->pad($right)),
            [$pin, $right],
            [$net],
        );
    }

    private function notFree(string $pin, Net $wrong): void
    {
        $isMains = OwnNetlist::isLive($wrong) && !$this->own->touchesMains(OwnNetlist::part($pin));
        $this->add(
            $isMains ? LayoutFault::MainsOnLow : LayoutFault::OnOtherNet,
            sprintf(
                '%s lies on “%s” there, and should stay free.%s',
                $this->words($pin),
                $wrong->name,
                $isMains ? ' Mains would come to a part of the low-voltage side.' : '',
            ),
            [$pin],
            [$wrong],
            match (true) {
                // The free contact of a relay at mains carries mains while it rests, or while it pulls.
                $this->own->isAtMains($pin) && !OwnNetlist::isLive($wrong) => Severity::Danger,
                // A free pin on ground is what many desks do with inputs that nobody uses.
                NetKind::Ground === $wrong->kind => Severity::Hint,
                default => null,
            },
        );
    }

    /**
     * @param list<string> $pins
     * @param list<Net> $nets
     */
    private function add(LayoutFault $fault, string $statement, array $pins, array $nets, ?Severity $severity = null): void
    {
        $pads = array_merge([], ...array_map(fn(string $pin): array => $this->match->pads[$pin] ?? [], $pins));
        $lines = [];
        foreach ($nets as $net) {
            $lines += $this->own->lines($net);
        }
        $this->findings[] = new LayoutFinding(
            $fault,
            $severity ?? (self::isDangerous($fault, $nets) ? Severity::Danger : Severity::Broken),
            $statement,
            array_values(array_unique(array_map(OwnNetlist::part(...), $pins))),
            array_map(static fn(Net $net): string => $net->id, $nets),
            $lines,
            array_values(array_unique(array_map(static fn(Pad $pad): int => $pad->line, $pads))),
        );
    }

    /**
     * Mains where it should not be, earth that is lost, and mains nets that are joined: a fuse or a contact is gone round.
     *
     * @param list<Net> $nets
     */
    private static function isDangerous(LayoutFault $fault, array $nets): bool
    {
        $live = count(array_filter($nets, OwnNetlist::isLive(...)));
        $isEarth = [] !== array_filter($nets, static fn(Net $net): bool => NetKind::Earth === $net->kind);

        return LayoutFault::MainsOnLow === $fault
            || (0 < $live && $live < count($nets))
            || (0 < $live && LayoutFault::Joined === $fault)
            || ($isEarth && LayoutFault::Joined !== $fault);
    }

    private function net(string $pin): Net
    {
        return $this->own->nets[$this->own->netOf[$pin]];
    }

    private function words(string $pin): string
    {
        return $this->own->words($pin);
    }

    private function pad(string $pin): string
    {
        return substr($this->words($pin), strlen(OwnNetlist::part($pin)) + 1);
    }

    /**
     * @param list<string> $words
     */
    private static function listed(array $words): string
    {
        $last = array_pop($words);

        return [] === $words ? (string) $last : implode(', ', $words) . ' and ' . $last;
    }
}
