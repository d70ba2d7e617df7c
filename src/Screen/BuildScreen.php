<?php

declare(strict_types=1);

namespace IronLatch\Screen;

use IronLatch\Core\Build\FormComparison;
use IronLatch\Core\Build\OrderLists;
use IronLatch\Core\Build\PartsList;
use IronLatch\Core\Build\Shopping;
use IronLatch\Core\Catalogue\Assembler;
use IronLatch\Core\Control\ServiceCosts;
use IronLatch\Core\Review\Board\Alternative;
use IronLatch\Core\Review\Board\Alternatives;
use IronLatch\Storage\ShelfPapers;
use IronLatch\View\BuildDrawing;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;

/** In which form a board is built: its plan to scale, every part with its price, the other ways, and what an order asks for. */
final readonly class BuildScreen implements Screen
{
    private const TABS = ['plan' => 'Plan and parts', 'lines' => 'By line', 'forms' => 'Built otherwise', 'order' => 'Order'];

    public function __construct(private ShelfPapers $papers, private UrlGeneratorInterface $urls) {}

    public static function name(): string
    {
        return 'build';
    }

    public function context(Look $look): array
    {
        [$tab, $thing] = [...explode('.', $look->open, 2), ''];
        $tab = isset(self::TABS[$tab]) ? $tab : 'plan';
        $inspection = $look->inspection;
        $board = $look->opened->board;
        $parts = $inspection->partsList();
        $id = $look->opened->record->id();
        $drawing = new BuildDrawing(
            $board,
            $inspection->layout(),
            $parts,
            $thing,
            fn(string $device): string => $this->urls->generate(
                'board_view',
                ['id' => $id, 'view' => self::name(), 'open' => 'plan.' . $device],
            ),
        );

        return [
            'tab' => $tab,
            'tabs' => self::TABS,
            'thing' => $thing,
            'drawing' => $drawing,
            'parts' => $parts,
            'yearly' => ServiceCosts::yearly($board),
            'row_opened' => '' === $thing ? null : $parts->rowOf($thing),
            'device' => '' === $thing ? null : $inspection->connections()->devices[$thing] ?? null,
            'others' => $this->others($look, $parts, $thing),
            'drawer' => $this->papers->drawer(),
            'by_line' => 'lines' === $tab ? PartsList::byLine($board, $inspection->connections(), $inspection->prices) : [],
            'forms' => 'forms' === $tab ? (new FormComparison($board, $inspection->connections(), $inspection->prices))->all() : [],
            'terms' => null === $board->build->assembler ? null : $board->part($board->build->assembler, Assembler::class),
            'shopping' => 'order' === $tab ? Shopping::of($board, $parts, $this->papers->drawer()) : null,
            'order' => 'order' === $tab ? OrderLists::of($board, $parts, $inspection->layout()) : null,
        ];
    }

    /**
     * Other parts for what is opened, tried; null while nobody has asked.
     *
     * @return ?list<Alternative>
     */
    private function others(Look $look, PartsList $parts, string $thing): ?array
    {
        $row = '' === $thing || !$look->request->query->getBoolean('others') ? null : $parts->rowOf($thing);

        return null === $row ? null : Alternatives::of($look->inspection, $look->report, $row);
    }
}
