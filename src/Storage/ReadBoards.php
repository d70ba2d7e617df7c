<?php

declare(strict_types=1);

namespace IronLatch\Storage;

use IronLatch\Core\Board\Board;
use Psr\Cache\CacheItemPoolInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/**
 * The board that was read last of each record, so that the next page need not read it again: one of each, however many revisions there
 * are. What is kept belongs to one document and one build; a changed or damaged one is read anew.
 */
final readonly class ReadBoards
{
    public function __construct(
        #[Autowire(service: 'cache.boards')]
        private CacheItemPoolInterface $pool,
        #[Autowire(param: 'build')]
        private string $build,
    ) {}

    /**
     * @param string $id of the record
     * @param string $content the packed document
     * @param \Closure(): Board $read
     */
    public function of(string $id, string $content, \Closure $read): Board
    {
        $item = $this->pool->getItem($this->build . '-' . $id);
        $mark = hash('xxh128', $content);
        $kept = $item->isHit() ? $item->get() : null;
        if (is_array($kept) && $mark === ($kept['mark'] ?? null) && ($kept['board'] ?? null) instanceof Board) {
            return $kept['board'];
        }
        $board = $read();
        $this->pool->save($item->set(['mark' => $mark, 'board' => $board]));

        return $board;
    }
}
