<?php

declare(strict_types=1);

namespace IronLatch\Core\Layout;

/** What a column of a list says. Headings differ from desk to desk (common practice, no source). */
enum ListColumn: string
{
    case Designator = 'designator';
    case Value = 'value';
    case Package = 'package';
    case Quantity = 'quantity';
    case X = 'x';
    case Y = 'y';
    case Side = 'side';
    case Rotation = 'rotation';
    case Stock = 'stock';
    case Net = 'net';
    case Pin = 'pin';
    case PartAndPin = 'part and pin';
    case Nothing = 'nothing of these';

    /** Headings, in small letters without marks, the surest first; blanks may be left out. */
    private const HEADINGS = [
        'designator' => [
            'designator', 'designators', 'refdes', 'ref des', 'reference', 'references', 'reference designator',
            'reference designators', 'ref', 'refs', 'part reference', 'component', 'components', 'part', 'position', 'bauteil',
        ],
        'value' => ['value', 'val', 'comment', 'description', 'part value', 'wert', 'name', 'manufacturer part number', 'mpn', 'what'],
        'package' => ['package', 'footprint', 'pattern', 'case', 'pcb footprint', 'land pattern', 'housing', 'bauform'],
        'quantity' => ['quantity', 'qty', 'count', 'amount', 'qnty', 'quantities', 'number', 'menge', 'anzahl'],
        'x' => ['mid x', 'center x', 'centre x', 'pos x', 'posx', 'centroid x', 'x', 'x mm', 'xpos', 'location x', 'ref x', 'x coordinate'],
        'y' => ['mid y', 'center y', 'centre y', 'pos y', 'posy', 'centroid y', 'y', 'y mm', 'ypos', 'location y', 'ref y', 'y coordinate'],
        'side' => ['side', 'layer', 'board side', 'tb', 't b', 'mount side', 'place side', 'seite'],
        'rotation' => ['rotation', 'rot', 'angle', 'orientation', 'rotate', 'theta', 'drehung'],
        'stock' => ['stock', 'in stock', 'available', 'availability', 'on hand', 'stock quantity', 'stock qty', 'lager'],
        'net' => ['net', 'net name', 'netname', 'signal', 'node', 'netz'],
        'pin' => ['pin', 'pin number', 'pad', 'pad number', 'pin no', 'terminal', 'pin name', 'pad name'],
        'part and pin' => ['part pin', 'pins', 'connection', 'connections', 'nodes', 'component pin', 'node list'],
    ];

    /** The column that a heading names; null for a heading of something else. */
    public static function named(string $heading): ?self
    {
        $plain = self::plain($heading);
        foreach (self::HEADINGS as $column => $headings) {
            if (in_array($plain, str_replace(' ', '', $headings), true)) {
                return self::from($column);
            }
        }

        return null;
    }

    /** How sure a heading is of its column, the greater the surer; two headings may name one. */
    public function sureness(string $heading): int
    {
        $place = array_search(self::plain($heading), str_replace(' ', '', self::HEADINGS[$this->value] ?? []), true);

        return false === $place ? 0 : 100 - $place;
    }

    /** “Center-X(mm)” is “centerx”: what stands in brackets is a unit, marks and blanks are nothing. */
    private static function plain(string $heading): string
    {
        $open = (string) preg_replace('/[\(\[].*?[\)\]]/u', ' ', mb_strtolower($heading));

        return (string) preg_replace('/[^\p{L}\p{N}]+/u', '', $open);
    }
}
