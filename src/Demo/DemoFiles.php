<?php

declare(strict_types=1);

namespace IronLatch\Demo;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Core\Log\Log;
use IronLatch\Core\Log\LogJson;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** The demo boards as files, in the order in which the shelf offers them. */
final readonly class DemoFiles
{
    private const NAMES = [
        'utility-room' => 'Utility room board',
        'aquarium' => 'Aquarium cabinet',
        'fermentation' => 'Fermentation cupboard',
        'first-try' => 'First try',
    ];

    public function __construct(#[Autowire('%kernel.project_dir%/demo')] private string $folder) {}

    /**
     * @return array<string, string> names by file name without ending
     */
    public function names(): array
    {
        return self::NAMES;
    }

    /**
     * @return array<string, Board>
     */
    public function all(): array
    {
        return array_map(
            fn(string $file): Board => BoardJson::read((string) file_get_contents($this->folder . '/' . $file . '.json')),
            array_combine(array_keys(self::NAMES), array_keys(self::NAMES)),
        );
    }

    /** The log of a demo board; null where it has none. */
    public function log(string $name): ?Log
    {
        $file = $this->folder . '/' . $name . '.log.json';

        return isset(self::NAMES[$name]) && is_file($file) ? LogJson::read((string) file_get_contents($file)) : null;
    }
}
