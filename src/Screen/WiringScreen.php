<?php

declare(strict_types=1);

namespace IronLatch\Screen;

use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Exchange\Firmware\ProgramChange;
use IronLatch\Core\Exchange\Headline;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\Listing\WiringDiff;
use IronLatch\Storage\BoardStore;
use IronLatch\Storage\Revised;
use IronLatch\View\SheetPicture;
use IronLatch\View\WiringDrawing;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;

/** Everything that is joined to anything, as sheets and lists. */
final readonly class WiringScreen implements Screen
{
    private const NOTHING = ['diff' => null, 'against' => null, 'revisions' => [], 'before' => null, 'program_change' => null];

    public function __construct(private BoardStore $store, private UrlGeneratorInterface $urls) {}

    public static function name(): string
    {
        return 'wiring';
    }

    public function context(Look $look): array
    {
        [$tab, $thing] = WiringDrawing::opened($look->open);
        $board = $look->inspection->board;
        $connections = $look->inspection->connections();
        $drawing = new WiringDrawing($board, $connections);
        $diff = 'changes' === $tab ? $this->difference($look, $connections) : self::NOTHING;
        $id = $look->opened->record->id();
        $changed = array_fill_keys($diff['diff']?->nets() ?? [], true);
        $heads = [
            Headline::of('Wiring', $board, $look->report, $look->opened->revision->madeAt()->format('Y-m-d')),
            sprintf('Revision %d.', $look->opened->revision->number()),
        ];
        $picture = new SheetPicture(
            $connections,
            $heads,
            $drawing->lit($thing),
            $changed,
            fn(string $other): string => $this->urls->generate('board_view', [
                'id' => $id,
                'view' => self::name(),
                'open' => $tab . ($other === $thing ? '' : '.' . $other),
            ]),
        );

        return [
            'tab' => $tab,
            'tabs' => WiringDrawing::TABS,
            'thing' => $thing,
            'connections' => $connections,
            'sheets' => 'box' === $tab
                ? [SheetPicture::overview($connections, $heads)]
                : array_map($picture->of(...), $drawing->sheets($tab)),
            'device' => $drawing->device($thing),
            'home' => $drawing->home($thing),
            'wire_opened' => $connections->wires[$thing] ?? null,
            'channels' => $drawing->channels($thing),
            'moves' => $drawing->moves($drawing->device($thing)->subject ?? ''),
            'changed_sheets' => array_map($picture->of(...), $drawing->changed($changed)),
            'wires_here' => '' === $thing ? [] : SheetPicture::wiresAt($connections, $thing),
            ...$drawing->lists($tab),
            ...$diff,
        ];
    }

    /**
     * What is to be rewired since an earlier revision: the one that was asked for, else the one before.
     *
     * @return array{diff: ?WiringDiff, against: ?Revised, revisions: list<Revised>, before: ?Connections, program_change: ?ProgramChange}
     */
    private function difference(Look $look, Connections $connections): array
    {
        $revisions = $this->store->revisions($look->opened->record);
        $others = array_values(array_filter(
            $revisions,
            static fn(Revised $one): bool => $one->id !== $look->opened->revision->id(),
        ));
        $asked = $look->request->query->getString('against');
        $against = null;
        foreach ($others as $one) {
            $isAsked = '' === $asked ? $one->number < $look->opened->revision->number() : $asked === $one->id;
            $against ??= $isAsked ? $one : null;
        }
        if (null === $against) {
            return [...self::NOTHING, 'revisions' => $others];
        }
        try {
            $board = $this->store->at($look->opened->record, $against->id)->board;
            $before = (new Inspection($board))->connections();
        } catch (\InvalidArgumentException|EditRefused) {
            return [...self::NOTHING, 'revisions' => $others];
        }

        return [
            'diff' => WiringDiff::between($before, $connections),
            'against' => $against,
            'revisions' => $others,
            'before' => $before,
            'program_change' => ProgramChange::ofBoards($board, $look->inspection->board),
        ];
    }
}
