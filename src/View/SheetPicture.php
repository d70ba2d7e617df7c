<?php

declare(strict_types=1);

namespace IronLatch\View;

use IronLatch\Core\Wiring\Area;
use IronLatch\Core\Wiring\Colour;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\Net;
use IronLatch\Core\Wiring\NetKind;
use IronLatch\Core\Wiring\Sheet\Box;
use IronLatch\Core\Wiring\Sheet\Label;
use IronLatch\Core\Wiring\Sheet\Layout;
use IronLatch\Core\Wiring\Sheet\Overview;
use IronLatch\Core\Wiring\Sheet\Run;
use IronLatch\Core\Wiring\Sheet\Sheet;
use IronLatch\Core\Wiring\Sheet\Type;
use IronLatch\Core\Wiring\Wire;

/** A sheet of the wiring as its template draws it: for the desk with links and what is lit, for a file without. */
final readonly class SheetPicture
{
    private const PLATE_LINE = 3.6;
    private const PLATE_GAP = 3.0;
    /** Words in a row take less room than the numbers and names that boxes are made for. */
    private const RUNNING_TEXT = 1.1;
    private const KEY = 'A number beside an end is that of the wire which ends there, with the letters of its colour (IEC 60757); one '
        . 'without letters is a joint on the board. A dot joins; lines that cross do not.';
    private const CAUTION = 'Mains kills. Isolate and prove dead before you open anything; nothing is touched while live. Local wiring '
        . 'codes and a licensed electrician decide; a unit that you build yourself is not certified and can burn.';

    /**
     * @param list<string> $heads what stands in its title plate: of which board, which revision, by which rules, which latches
     * @param array<string, true> $lit nets and devices, by id
     * @param array<string, true> $changed nets
     * @param ?\Closure(string): string $url of a device or of a wire; null for a file
     */
    public function __construct(
        private Connections $connections,
        private array $heads,
        private array $lit = [],
        private array $changed = [],
        private ?\Closure $url = null,
    ) {}

    /**
     * The whole box: blocks and bundles in place of devices and wires.
     *
     * @param list<string> $heads
     * @return array<string, mixed>
     */
    public static function overview(Connections $connections, array $heads): array
    {
        return (new self(Overview::reduced($connections), $heads))->of(Overview::of($connections));
    }

    /**
     * @return array<string, mixed>
     */
    public function of(Sheet $sheet): array
    {
        $labels = $runs = [];
        foreach ($sheet->labels as $label) {
            $labels[$label->net][] = $label;
        }
        foreach ($sheet->runs as $run) {
            // What lies behind terminal blocks is drawn apart, but is one net: its numbers stand once.
            $runs[] = $this->run($run, $labels[$run->net] ?? []);
            unset($labels[$run->net]);
        }
        $plate = $this->plate($sheet);

        return [
            'sheet' => $sheet,
            'width' => max($sheet->width, 120.0),
            'height' => $sheet->height + self::PLATE_GAP + count($plate) * self::PLATE_LINE + 2.0,
            'runs' => $runs,
            'boxes' => array_map($this->box(...), $sheet->boxes),
            'across' => $sheet->width * Layout::LEAST_SCALE > Layout::PAGE_WIDTH,
            'plate' => $plate,
            'plate_top' => $sheet->height + self::PLATE_GAP,
            'plate_line' => self::PLATE_LINE,
            'size' => Type::SIZE,
        ];
    }

    /**
     * @param list<Label> $labels
     * @return array<string, mixed>
     */
    private function run(Run $run, array $labels): array
    {
        $net = $this->connections->nets[$run->net];
        $wires = $this->connections->wiresOf($run->net);
        $colour = $this->connections->wires[$wires[0] ?? '']->colour ?? null;
        $path = '';
        foreach ($run->pieces as [$x, $y, $toX, $toY]) {
            $path .= 'M' . self::length($x) . ' ' . self::length($y);
            $path .= $x === $toX ? 'V' . self::length($toY) : 'H' . self::length($toX);
        }

        return [
            'net' => $net,
            'path' => $path,
            'dots' => $run->dots,
            'labels' => $labels,
            'colour' => strtolower($colour->value ?? (NetKind::Earth === $net->kind ? Colour::Green->value : 'ink')),
            'title' => $this->titleOf($net, $wires),
            'url' => null === $this->url || [] === $wires ? null : ($this->url)($wires[0]),
            'lit' => isset($this->lit[$run->net]),
            'changed' => isset($this->changed[$run->net]),
        ];
    }

    /**
     * @param list<string> $wires
     */
    private function titleOf(Net $net, array $wires): string
    {
        $colours = array_unique(array_map(
            fn(string $wire): string => $this->connections->wires[$wire]->colour->words(),
            array_filter($wires, fn(string $wire): bool => !$this->connections->wires[$wire]->onBoard),
        ));
        $numbers = count($wires) > 6 ? sprintf('%d wires', count($wires)) : implode(', ', $wires);

        return sprintf('%s, %s%s: %s', $net->name, $net->kind->value, [] === $colours ? '' : ', ' . implode(' and ', $colours), $numbers);
    }

    /**
     * @return array<string, mixed>
     */
    private function box(Box $box): array
    {
        $device = $this->connections->devices[$box->device];

        return [
            'box' => $box,
            'device' => $device,
            'title' => trim(sprintf('%s, %s %s', $device->id, $device->name, $device->value)),
            'url' => null === $this->url ? null : ($this->url)($device->id),
            'lit' => isset($this->lit[$device->id]),
        ];
    }

    /** @return list<string> lines of the title plate */
    private function plate(Sheet $sheet): array
    {
        $room = (int) floor((max($sheet->width, 120.0) - 6.0) / Type::width('m') * self::RUNNING_TEXT);
        $words = [$sheet->title() . '. ' . implode(' ', $this->heads)];
        if (Area::Mains === $sheet->area) {
            $words[] = self::CAUTION;
        }
        $words[] = Overview::ID === $sheet->id ? 'Each block stands for its parts, each line for all wires between two blocks.' : self::KEY;

        return array_merge(...array_map(static fn(string $line): array => self::wrapped($line, $room), $words));
    }

    /** @return list<string> */
    private static function wrapped(string $text, int $room): array
    {
        $lines = [''];
        foreach (explode(' ', $text) as $word) {
            $last = count($lines) - 1;
            if ('' !== $lines[$last] && mb_strlen($lines[$last] . ' ' . $word) > $room) {
                $lines[] = mb_substr($word, 0, $room);
            } else {
                $lines[$last] = ltrim($lines[$last] . ' ' . mb_substr($word, 0, $room));
            }
        }

        return $lines;
    }

    private static function length(float $millimetres): string
    {
        return rtrim(rtrim(sprintf('%.2f', $millimetres), '0'), '.');
    }

    /**
     * The wires of a net, or those at a device, as a list beside the drawing.
     *
     * @return list<Wire>
     */
    public static function wiresAt(Connections $connections, string $thing): array
    {
        $net = $connections->wires[$thing]->net ?? null;

        return array_values(array_filter(
            $connections->wires,
            static fn(Wire $wire): bool => null === $net
                ? $wire->from->device === $thing || $wire->to->device === $thing
                : $wire->net === $net,
        ));
    }
}
