<?php

declare(strict_types=1);

namespace IronLatch\Tests\Reference;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Exchange\Netlist\Edif;
use IronLatch\Core\Exchange\Netlist\NetlistCsv;
use IronLatch\Core\Exchange\Netlist\NetlistNames;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Tests\Support\WiredBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The EDIF file, read by a reader of s-expressions of another origin (sexpdata, Debian package python3-sexpdata). */
final class EdifReadBackTest extends TestCase
{
    /** Nets, instances and their cells as the reader finds them; every port that is joined must be one of the cell. */
    private const READER = <<<'PYTHON'
        import json, sys, sexpdata
        from sexpdata import Symbol
        tree = sexpdata.loads(sys.stdin.read())
        name = lambda x: x.value() if isinstance(x, Symbol) else str(x)
        head = lambda x: name(x[0]) if isinstance(x, list) and x else ''
        every = lambda node, word: [x for x in node if head(x) == word]
        first = lambda node, word: every(node, word)[0]
        library = first(tree, 'library')
        cells = {name(c[1]): c for c in every(library, 'cell')}
        ports = {n: [name(p[1]) for p in every(first(first(c, 'view'), 'interface'), 'port')] for n, c in cells.items()}
        top = name(first(first(tree, 'design'), 'cellRef')[1])
        contents = first(first(cells[top], 'view'), 'contents')
        instances = {name(i[1]): name(first(first(i, 'viewRef'), 'cellRef')[1]) for i in every(contents, 'instance')}
        nets = {}
        for net in every(contents, 'net'):
            ends = [(name(first(e, 'instanceRef')[1]), name(e[1])) for e in every(first(net, 'joined'), 'portRef')]
            for instance, port in ends:
                assert port in ports[instances[instance]], (instance, port)
            nets[name(net[1])] = sorted(i + ' ' + p for i, p in ends)
        print(json.dumps({'nets': nets, 'instances': sorted(instances), 'level': [name(x) for x in first(tree, 'edifVersion')]}))
        PYTHON;

    /** @return iterable<string, array{Board}> */
    public static function boards(): iterable
    {
        foreach ([...WiredBoards::all(), ...WiredBoards::others()] as $name => $board) {
            yield $name => [$board];
        }
    }

    #[DataProvider('boards')]
    public function testTheSameNetsComeBack(Board $board): void
    {
        $connections = Connections::of($board);
        $process = new Process(
            ['/usr/bin/python3', '-c', self::READER],
            input: Edif::write($connections, 'A “title” with 100 % and (parentheses)', ['A remark with "quotes".']),
        );
        $process->mustRun();
        $read = json_decode($process->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        self::assertIsArray($read);
        $mine = [];
        foreach ((new NetlistNames($connections))->nets() as $name => $ends) {
            $mine[$name] = array_map(static fn(array $end): string => implode(' ', $end), $ends);
            sort($mine[$name]);
        }
        self::assertSame(['edifVersion', '2', '0', '0'], $read['level']);
        self::assertEqualsCanonicalizing(array_keys($connections->devices), $read['instances']);
        self::assertEquals($mine, $read['nets']);
        self::assertCount(count($connections->nets), $mine, 'No two nets share a name.');
    }

    /** The CSV beside it says the same, row by row. */
    public function testTheTableSaysTheSame(): void
    {
        $connections = Connections::of(WiredBoards::demos()['utility-room']);
        $rows = array_map(
            static fn(string $line): array => str_getcsv($line, escape: ''),
            array_slice(explode("\r\n", trim(NetlistCsv::write($connections, []))), 1),
        );
        $nets = [];
        foreach ($rows as [$net, $part, $pin]) {
            $nets[(string) $net][] = [(string) $part, (string) $pin];
        }
        foreach ((new NetlistNames($connections))->nets() as $name => $ends) {
            self::assertEqualsCanonicalizing($ends, array_values(array_unique($nets[$name], SORT_REGULAR)), $name);
        }
        self::assertContains(['K11', '&11'], $nets['L'], 'By the pads of the relay, each that is joined.');
        self::assertContains(['K11', '&11b'], $nets['L']);
        self::assertContains(['Q11', '&2'], $nets['A1_base']);
    }
}
