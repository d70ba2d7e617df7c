<?php

declare(strict_types=1);

namespace IronLatch\Storage;

use IronLatch\Core\Board\Board;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Contracts\Cache\CacheInterface;

/**
 * Boards as they were read from their revisions, so that the next page need not read them again. What is kept belongs to one document
 * and one build; a changed or damaged one is read anew.
 */
final readonly class ReadBoards
{
    public function __construct(
        #[Autowire(service: 'cache.boards')]
        private CacheInterface $pool,
        #[Autowire(param: 'build')]
        private string $build,
    ) {}

    /**
     * @param string $content the packed document
     * @param \Closure(): Board $read
     */
    public function of(string $content, \Closure $read): Board
    {
        return $this->pool->get($this->build . '-' . hash('xxh128', $content), $read);
    }
}
