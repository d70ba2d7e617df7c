<?php

declare(strict_types=1);

namespace IronLatch\View;

use Doctrine\ORM\EntityManagerInterface;
use IronLatch\Bench\BenchPapers;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Entity\BoardRecord;
use IronLatch\Entity\ShelfCard;
use IronLatch\Storage\BoardStore;
use Symfony\Component\DependencyInjection\ParameterBag\ContainerBagInterface;
use Twig\Environment;

/** The cards on the shelf, each drawn once for its revision. One board that cannot be read or reckoned does not take the others down. */
final readonly class ShelfCards
{
    public function __construct(
        private BoardStore $store,
        private BenchPapers $bench,
        private Environment $twig,
        private Catalogue $catalogue,
        private EntityManagerInterface $entities,
        private ContainerBagInterface $parameters,
    ) {}

    /**
     * @return list<string> HTML, in the order of the shelf
     */
    public function all(): array
    {
        $records = $this->store->shelf();
        $known = $this->known($records);
        $new = [];
        $cards = [];
        foreach ($records as $record) {
            try {
                $cards[] = $known[$record->headId()] ?? $new[$record->headId()] = $this->drawn($record);
            } catch (\Throwable $fault) {
                $cards[] = $this->twig->render('faulty/_board.html.twig', [
                    'record' => $record,
                    'words' => FaultWords::of($fault),
                    'can_go_back' => $this->store->hasStepBack($record),
                ]);
            }
        }
        $this->keep($new);

        return $cards;
    }

    private function drawn(BoardRecord $record): string
    {
        $opened = $this->store->opened($record);
        $inspection = new Inspection($opened->board, $this->catalogue);
        $report = Inspector::withRuleBook()->inspect($inspection, $this->bench->note($opened->revision));

        return $this->twig->render(
            'shelf/_card.html.twig',
            ['opened' => $opened, 'report' => $report, 'tracks' => (new LineStrips($inspection, $report))->tracks()],
        );
    }

    /**
     * @param list<BoardRecord> $records
     * @return array<string, string> HTML by revision
     */
    private function known(array $records): array
    {
        $heads = array_map(static fn(BoardRecord $record): string => $record->headId(), $records);
        $known = [];
        foreach ($this->entities->getRepository(ShelfCard::class)->findBy(['revisionId' => $heads, 'madeBy' => $this->madeBy()]) as $card) {
            $known[$card->revisionId()] = $card->html();
        }

        return $known;
    }

    /**
     * @param array<string, string> $cards
     */
    private function keep(array $cards): void
    {
        if ([] === $cards) {
            return;
        }
        try {
            $this->entities->wrapInTransaction(function () use ($cards): void {
                // Cards of revisions that no board shows any more, and those of another build.
                $this->entities->getConnection()->executeStatement(
                    'DELETE FROM shelf_card WHERE made_by <> ? OR revision_id NOT IN (SELECT head_id FROM board)',
                    [$this->madeBy()],
                );
                foreach ($cards as $revision => $html) {
                    $this->entities->getConnection()->executeStatement('DELETE FROM shelf_card WHERE revision_id = ?', [$revision]);
                    $this->entities->persist(new ShelfCard($revision, $this->madeBy(), (string) gzdeflate($html, 9)));
                }
            });
        } catch (\Doctrine\DBAL\Exception) {
            // A store that cannot be written to shows its shelf all the same.
        }
    }

    /** Another build may draw or judge otherwise. */
    private function madeBy(): string
    {
        $build = $this->parameters->get('container.build_id');

        return hash('sha256', is_string($build) ? $build : '');
    }
}
