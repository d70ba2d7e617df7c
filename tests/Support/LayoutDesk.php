<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Build\Package;
use IronLatch\Core\Layout\Orientation;
use IronLatch\Core\Layout\OwnNetlist;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Wiring\DeviceKind;

/**
 * A layout desk that joins everything as it was told and lays parts far enough apart, somewhere and turned somehow; and writes what it
 * has done as IPC-D-356A and as a placement list. Faults are planted in its records.
 */
final class LayoutDesk
{
    private const ROOM = 22e-3;
    private const COLUMN = 0.15;
    private const COLUMN_HEIGHT = 1.2;

    public readonly OwnNetlist $own;
    /** @var array<string, int> quarters counter-clockwise by part */
    public array $quarters = [];
    /** @var array<string, list<LaidPad>> pads by part */
    public array $pads = [];
    /** @var array<string, string> access of surface parts, 01 or 02 */
    public array $access = [];
    /** @var list<array{string, float, float}> net and place */
    public array $vias = [];

    public function __construct(public readonly Board $board, private readonly \Random\Randomizer $random)
    {
        $inspection = new Inspection($board);
        $this->own = new OwnNetlist($board, $inspection->connections(), $inspection->partsList());
        $columns = [];
        $across = array_filter(array_keys($this->own->onBoard), $this->isAcross(...));
        foreach (array_map(strval(...), array_keys($this->own->onBoard)) as $part) {
            $this->quarters[$part] = $random->getInt(0, 3);
            $local = $this->local($part);
            $reach = max([0.0, ...array_map(static fn(LaidPad $pad): float => hypot($pad->x, $pad->y) + 2e-3, $local)]);
            $zone = in_array($part, $across, true) ? 0 : ($this->own->touchesMains($part) ? -1 : 1);
            $height = $columns[$zone] ?? 0.0;
            $columns[$zone] = $height + 2 * $reach + self::ROOM;
            $column = $zone + $zone * (int) floor($height / self::COLUMN_HEIGHT);
            [$x, $y] = [$column * self::COLUMN, fmod($height, self::COLUMN_HEIGHT) + $reach];
            foreach ($local as $pad) {
                [$u, $v] = $this->turned($pad->x, $pad->y, $this->quarters[$part]);
                [$pad->x, $pad->y] = [$x + $u, $y + $v];
                $this->pads[$part][] = $pad;
            }
            if (Package::isSurfaceMounted($board, $this->own->connections->devices[$part]) && $this->isMachineBuilt()) {
                $this->access[$part] = '01';
            }
        }
    }

    private function isMachineBuilt(): bool
    {
        return BuildForm::Assembled === $this->board->build->form();
    }

    private function isAcross(string $part): bool
    {
        $live = array_filter($this->own->ports[$part], fn(string $port): bool => $this->own->isAtMains($part . '.' . $port));

        return [] !== $live && count($live) < count($this->own->ports[$part])
            && DeviceKind::Inlet !== $this->own->connections->devices[$part]->kind
            && DeviceKind::Terminals !== $this->own->connections->devices[$part]->kind;
    }

    /**
     * Pads of a part that is not turned.
     *
     * @return list<LaidPad>
     */
    private function local(string $part): array
    {
        $device = $this->own->connections->devices[$part];
        $orientation = Orientation::of($device, $this->own);
        $rows = [];
        $pads = [];
        foreach ($this->own->ports[$part] as $place => $port) {
            $isFar = DeviceKind::Relay === $device->kind
                ? !str_starts_with($port, 'A')
                : $this->isAcross($part) && $this->own->isAtMains($part . '.' . $port);
            $row = DeviceKind::Relay === $device->kind || $this->isAcross($part) ? ($isFar ? -12e-3 : 12e-3) : 0.0;
            $rows[(string) $row] = ($rows[(string) $row] ?? -1) + 1;
            $at = [$row, -3e-3 * $rows[(string) $row]];
            if (null !== $orientation && DeviceKind::Relay !== $device->kind) {
                $at = match ([$orientation->degrees, $place]) {
                    [0.0, 0] => $orientation->from === $port ? [-2.5e-3, 0.0] : [2.5e-3, 0.0],
                    [0.0, 1] => $orientation->from === $port ? [-2.5e-3, 0.0] : [2.5e-3, 0.0],
                    [270.0, 2] => [1e-3, 0.0],
                    default => $at,
                };
            }
            $pads[] = new LaidPad(
                $this->own->netOf[$part . '.' . $port] ?? '',
                ltrim($port, '&'),
                $at[0],
                $at[1],
                1e-3 + 0.1e-3 * $this->random->getInt(0, 8),
                1 === $this->random->getInt(0, 1) ? 0.0 : 1.2e-3,
            );
        }

        return $pads;
    }

    /**
     * @return array{float, float}
     */
    private function turned(float $x, float $y, int $quarters): array
    {
        return match ($quarters) {
            1 => [-$y, $x],
            2 => [-$x, -$y],
            3 => [$y, -$x],
            default => [$x, $y],
        };
    }

    /** As IPC-D-356A, in one of the units and manners that writers have. */
    public function ipc(): string
    {
        $isMetric = 1 === $this->random->getInt(0, 1);
        $unit = $isMetric ? 1e-6 : 2.54e-6;
        $plus = 1 === $this->random->getInt(0, 1) ? '+' : ' ';
        $lines = ['C  a layout', 'P  JOB   board', 'P  UNITS CUST ' . ($isMetric ? '1' : '0')];
        $short = [];
        $name = static function (string $net) use (&$short, &$lines): string {
            if (strlen($net) > 14 && !isset($short[$net])) {
                $short[$net] = sprintf('NNAME%05d', count($short) + 1);
                $lines[] = sprintf('P  %s  %s', $short[$net], $net);
            }

            return '' === $net ? 'N/C' : $short[$net] ?? $net;
        };
        $number = static fn(float $metres): string => (0 > round($metres / $unit) ? '-' : $plus)
            . sprintf('%06d', abs(round($metres / $unit)));
        $size = static fn(float $metres): string => sprintf('%04d', round($metres / $unit));
        foreach ($this->pads as $part => $pads) {
            foreach ($pads as $pad) {
                $access = $this->access[$part] ?? null;
                $lines[] = sprintf(
                    '%s%-14s   %-6s-%-4s %sA%sX%sY%sX%sY%sR%03d%s',
                    null === $access ? '317' : '327',
                    $name($pad->net),
                    $part,
                    substr($pad->pin, 0, 4),
                    null === $access ? 'D' . $size(0.8e-3) . 'P' : '      ',
                    $access ?? '00',
                    $number($pad->x),
                    $number($pad->y),
                    $size($pad->width),
                    $size($pad->height),
                    90 * $this->quarters[$part],
                    1 === $this->random->getInt(0, 1) ? ' S0' : '',
                );
            }
        }
        foreach ($this->vias as [$net, $x, $y]) {
            $lines[] = sprintf(
                '317%-14s   %-6s %-4s %sA00X%sY%sX%sY0000R000S3',
                $name($net),
                'VIA',
                '',
                'D' . $size(0.3e-3) . 'P',
                $number($x),
                $number($y),
                $size(0.6e-3),
            );
        }
        $lines[] = '999';

        return implode(1 === $this->random->getInt(0, 1) ? "\r\n" : "\n", $lines) . "\n";
    }

    /** @param array<string, int> $off quarters by which a part is said to be turned otherwise */
    public function placement(array $off = []): string
    {
        $rows = ['Designator,Mid X,Mid Y,Layer,Rotation'];
        foreach ($this->pads as $part => $pads) {
            $rows[] = sprintf(
                '%s,%.3fmm,%.3fmm,%s,%d',
                $part,
                1000 * $pads[0]->x,
                1000 * $pads[0]->y,
                '02' === ($this->access[$part] ?? '') ? 'Bottom' : 'Top',
                90 * (($this->quarters[$part] + ($off[$part] ?? 0)) % 4),
            );
        }

        return implode("\r\n", $rows) . "\r\n";
    }
}
