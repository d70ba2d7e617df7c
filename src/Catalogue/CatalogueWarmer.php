<?php

declare(strict_types=1);

namespace IronLatch\Catalogue;

use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Record\RecordReader;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpKernel\CacheWarmer\CacheWarmerInterface;

/** Compiles the part files to PHP, so that OPcache holds them; a part file that cannot be read stops the warm-up. */
final readonly class CatalogueWarmer implements CacheWarmerInterface
{
    public const FILE = 'catalogue.php';

    public function __construct(#[Autowire('%kernel.project_dir%/catalogue')] private string $folder) {}

    public function isOptional(): bool
    {
        return false;
    }

    public function warmUp(string $cacheDir, ?string $buildDir = null): array
    {
        $data = FileCatalogue::dataFrom($this->folder);
        foreach ($data as $part) {
            RecordReader::forFiles()->read(Part::class, $part);
        }
        file_put_contents($cacheDir . '/' . self::FILE, '<?php return ' . var_export($data, true) . ';');

        return [];
    }
}
