<?php

declare(strict_types=1);

namespace IronLatch\Brief;

use IronLatch\Core\Board\Brief;
use IronLatch\Core\Brief\Draft;
use IronLatch\Core\Brief\DraftFigures;
use IronLatch\Core\Brief\DraftRun;
use IronLatch\Core\Brief\Stock;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Storage\ShelfPapers;
use Psr\Cache\CacheItemPoolInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** Works a brief out in slices. What one slice has found is kept until the next, so that nothing is worked out twice. */
final readonly class DraftDesk
{
    /** A slice ends with the draft that takes it beyond this; the first one soon, so that something is to be seen at once. */
    private const FIRST_SECONDS = 0.15;
    private const SLICE_SECONDS = 0.6;
    public function __construct(
        private Catalogue $catalogue,
        private ShelfPapers $papers,
        private BriefForm $form,
        #[Autowire(service: 'cache.drafts')]
        private CacheItemPoolInterface $kept,
    ) {}

    /**
     * What is known after one more slice; all of it at once where that is asked for.
     *
     * @throws \InvalidArgumentException when the brief describes one of its appliances not at all
     */
    public function slice(Brief $brief, bool $isAll = false): Slice
    {
        $run = $this->run($brief);
        $item = $this->kept->getItem('drafts.' . $this->key($brief));
        $known = self::known($item->get());
        $start = hrtime(true);
        $most = [] === $known ? self::FIRST_SECONDS : self::SLICE_SECONDS;
        $total = count($run->space->all);
        while (count($known) < $total && ($isAll || (hrtime(true) - $start) / 1e9 < $most)) {
            $draft = $run->at(count($known));
            $known[] = $draft instanceof Draft ? $draft->figures : $draft;
        }
        $this->kept->save($item->set($known));

        return new Slice($run->space, $known, $this->hasDrawer(), $this->papers->currency());
    }

    /** @throws \InvalidArgumentException when this draft cannot be made */
    public function draft(Brief $brief, string $choices): Draft
    {
        return $this->run($brief)->named($choices);
    }

    public function hasDrawer(): bool
    {
        return [] !== $this->papers->drawer()->counts;
    }

    public function stock(): Stock
    {
        return new Stock($this->papers->drawer(), $this->papers->prices(), $this->papers->currency());
    }

    private function run(Brief $brief): DraftRun
    {
        return new DraftRun($brief, $this->catalogue, $this->stock());
    }

    private function key(Brief $brief): string
    {
        return hash('sha256', implode("\n", [
            $this->form->carried($brief),
            $this->papers->text(ShelfPapers::DRAWER),
            $this->papers->text(ShelfPapers::PRICES),
            $this->papers->currency()->sign,
        ]));
    }

    /**
     * @return list<DraftFigures|string>
     */
    private static function known(mixed $kept): array
    {
        return array_values(array_filter(
            is_array($kept) ? $kept : [],
            static fn(mixed $one): bool => $one instanceof DraftFigures || is_string($one),
        ));
    }
}
