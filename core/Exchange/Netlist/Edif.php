<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange\Netlist;

use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\WiredDevice;

/**
 * The connections as EDIF 2 0 0, for a layout desk (ANSI/EIA-548-1988, from memory). Each kind of part is a leaf cell whose ports are its
 * pads; where nobody has written those down, its terminals.
 */
final class Edif
{
    /**
     * @param string $title of the design
     * @param list<string> $remarks what it rests on
     */
    public static function write(Connections $connections, string $title, array $remarks): string
    {
        $names = new NetlistNames($connections);
        $cells = [];
        $instances = [];
        foreach ($connections->devices as $device) {
            $ports = $names->portsOf($device);
            if ([] === $ports) {
                continue;
            }
            $cell = self::cellName($device, $ports, $names);
            $cells[$cell] ??= self::cell($cell, $ports, '');
            $instances[] = sprintf(
                '(instance %s (viewRef netlist (cellRef %s (libraryRef parts))) (property value (string %s)))',
                $names->id($device->id),
                $cell,
                self::string('' === $device->value ? $device->name : $device->value),
            );
        }
        $nets = [];
        foreach ($names->nets() as $name => $ends) {
            $joined = array_map(
                static fn(array $end): string => sprintf('(portRef %s (instanceRef %s))', $end[1], $names->id($end[0])),
                $ends,
            );
            $nets[] = sprintf('(net %s (joined %s))', $name, implode(' ', $joined));
        }
        $contents = "\n      (contents\n        " . implode("\n        ", [...$instances, ...$nets]) . ')';
        $comments = implode("\n", array_map(static fn(string $remark): string => '  (comment ' . self::string($remark) . ')', $remarks));

        return sprintf(
            "(edif board (edifVersion 2 0 0) (edifLevel 0) (keywordMap (keywordLevel 0))\n%s\n"
                . "  (library parts (edifLevel 0) (technology (numberDefinition))\n%s\n%s)\n"
                . "  (design board (cellRef top (libraryRef parts)) (property title (string %s))))\n",
            $comments,
            implode("\n", $cells),
            self::cell('top', [], $contents),
            self::string($title),
        );
    }

    /**
     * @param list<string> $ports
     */
    private static function cellName(WiredDevice $device, array $ports, NetlistNames $names): string
    {
        $form = substr(hash('sha256', implode(' ', $ports)), 0, 6);

        return $names->id(sprintf('%s_%s', $device->part ?? strtolower($device->kind->name), $form));
    }

    /**
     * @param list<string> $ports
     */
    private static function cell(string $name, array $ports, string $contents): string
    {
        $interface = implode(' ', array_map(static fn(string $port): string => sprintf('(port %s (direction INOUT))', $port), $ports));

        return sprintf(
            '    (cell %s (cellType GENERIC) (view netlist (viewType NETLIST) (interface%s)%s))',
            $name,
            '' === $interface ? '' : ' ' . $interface,
            $contents,
        );
    }

    /** In strings only printable ASCII may stand; all else, % and quotes are written by number. */
    private static function string(string $text): string
    {
        $escaped = preg_replace_callback(
            '/[^ !#-$&-~]/u',
            static fn(array $found): string => '%' . mb_ord($found[0]) . '%',
            mb_scrub($text),
        );

        return '"' . $escaped . '"';
    }
}
