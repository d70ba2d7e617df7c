<?php

declare(strict_types=1);

namespace IronLatch\Core\Layout;

/**
 * Which part of a layout is which part here, and which pin which pad: by name, else by what they are joined to, else as the maker has
 * settled it. A part that joins the same nets as one part here, and as no other, is that part.
 */
final readonly class PartMatch
{
    /** In netlists names are cut to so many letters. */
    private const NAME_LETTERS = 6;
    private const MOST_CHOICES = 40;

    /**
     * @param array<int|string, string> $parts designator here by name there
     * @param array<string, string> $pins net there by pin here, as “K11.A1”; empty for none
     * @param array<string, list<Pad>> $pads by pin here
     * @param list<string> $extra names there that are no part here
     * @param list<Doubt> $doubts
     */
    private function __construct(
        public array $parts,
        public array $pins,
        public array $pads,
        public array $extra,
        public array $doubts,
    ) {}

    public static function of(OwnNetlist $own, LayoutNetlist $layout, Decisions $decisions): self
    {
        $parts = self::byName($own, $layout, $decisions);
        $belongs = array_filter($decisions->parts, static fn(string $id): bool => '' === $id);
        $guessed = (new StructureMatch($own, $layout))->further(
            $parts,
            $belongs,
            static fn(array $known): array => self::nets($own, self::pins($own, $layout, $known, $decisions)[0]),
        );
        $doubts = [];
        $free = array_values(array_diff(array_keys($own->onBoard), $parts, $guessed));
        foreach ($guessed as $name => $id) {
            $doubts[] = new Doubt(
                'parts',
                (string) $name,
                sprintf('“%s” there is taken as %s: it joins what %s joins, and no other part does.', $name, $id, $id),
                $id,
                array_slice([$id, ...$free], 0, self::MOST_CHOICES),
            );
        }
        $parts += $guessed;
        [$pins, $pads, $unknown] = self::pins($own, $layout, $parts, $decisions);
        foreach ($unknown as [$part, $pin, $id]) {
            $open = array_values(array_filter(
                $own->ports[$id],
                static fn(string $port): bool => !isset($pins[$id . '.' . $port]),
            ));
            $doubts[] = new Doubt(
                'pins',
                $part . '.' . $pin,
                sprintf('Pin “%s” of %s is not known here: it is looked at once you say which it is.', $pin, $id),
                '',
                array_slice(array_map(static fn(string $port): string => ltrim($port, '&'), $open), 0, self::MOST_CHOICES),
            );
        }
        $extra = array_values(array_filter(
            array_map(strval(...), array_keys($layout->parts)),
            static fn(string $name): bool => !isset($parts[$name]) && !isset($belongs[$name]),
        ));

        return new self($parts, $pins, $pads, $extra, $doubts);
    }

    /**
     * @return array<int|string, string>
     */
    private static function byName(OwnNetlist $own, LayoutNetlist $layout, Decisions $decisions): array
    {
        $byName = [];
        foreach (array_keys($own->ports) as $id) {
            $byName[strtolower(substr($id, 0, self::NAME_LETTERS))][] = $id;
        }
        $parts = [];
        foreach (array_map(strval(...), array_keys($layout->parts)) as $name) {
            $settled = $decisions->parts[$name] ?? null;
            $named = $byName[strtolower(substr($name, 0, self::NAME_LETTERS))] ?? [];
            $id = $settled ?? (1 === count($named) ? $named[0] : null);
            if (null !== $id && isset($own->ports[$id]) && !in_array($id, $parts, true)) {
                $parts[$name] = $id;
            }
        }

        return $parts;
    }

    /**
     * The net here that has most pins of a net there, of parts that are known.
     *
     * @param array<string, string> $pins net there by pin here
     * @return array<int|string, string> by net there
     */
    private static function nets(OwnNetlist $own, array $pins): array
    {
        $shares = [];
        foreach ($pins as $pin => $there) {
            $here = $own->netOf[$pin] ?? null;
            if ('' !== $there && null !== $here) {
                $shares[$there][$here] = ($shares[$there][$here] ?? 0) + 1;
            }
        }

        return array_map(static function (array $counts): string {
            arsort($counts);

            return array_key_first($counts);
        }, $shares);
    }

    /**
     * @param array<int|string, string> $parts
     * @return array{array<string, string>, array<string, list<Pad>>, list<array{string, string, string}>}
     */
    private static function pins(OwnNetlist $own, LayoutNetlist $layout, array $parts, Decisions $decisions): array
    {
        $pins = $pads = $unknown = [];
        foreach ($parts as $name => $id) {
            $names = $own->pinNames($id);
            foreach (array_map(strval(...), array_keys($layout->parts[$name])) as $pin) {
                $settled = $decisions->pins[$name . '.' . $pin] ?? null;
                $port = null === $settled ? null : $names[strtolower($settled)] ?? null;
                $port ??= $names[strtolower($pin)] ?? $names[strtolower(ltrim($pin, '&'))] ?? null;
                if (null === $port) {
                    // A free pin nobody knows joins nothing.
                    if ('' !== $layout->netOf((string) $name, $pin)) {
                        $unknown[] = [(string) $name, $pin, $id];
                    }
                    continue;
                }
                $key = $id . '.' . $port;
                $pins[$key] = '' === ($pins[$key] ?? '') ? $layout->netOf((string) $name, $pin) : $pins[$key];
                $pads[$key] = [...$pads[$key] ?? [], ...$layout->parts[$name][$pin]];
            }
        }

        return [$pins, $pads, $unknown];
    }
}
