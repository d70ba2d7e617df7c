<?php

declare(strict_types=1);

namespace IronLatch\Tests\Catalogue;

use IronLatch\Catalogue\CatalogueWarmer;
use IronLatch\Catalogue\FileCatalogue;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Relay;
use PHPUnit\Framework\TestCase;

final class FileCatalogueTest extends TestCase
{
    private const FOLDER = __DIR__ . '/../../catalogue';
    private string $scratch;

    protected function setUp(): void
    {
        $this->scratch = sys_get_temp_dir() . '/iron-latch-' . bin2hex(random_bytes(6));
        mkdir($this->scratch . '/parts/relays', recursive: true);
    }

    protected function tearDown(): void
    {
        exec('rm -rf ' . escapeshellarg($this->scratch));
    }

    public function testPartsComeByTheOrderOfTheirNames(): void
    {
        $catalogue = FileCatalogue::load(self::FOLDER);
        $names = array_map(static fn(Appliance $part): string => $part->identity->name, array_values($catalogue->parts(Appliance::class)));
        $sorted = $names;
        natcasesort($sorted);
        self::assertSame(array_values($sorted), $names);
        self::assertGreaterThanOrEqual(12, count($names));
        self::assertInstanceOf(Relay::class, $catalogue->part('cube-5v'));
        self::assertNull($catalogue->part('no-such-part'));
    }

    public function testTheCompiledFormIsTheSame(): void
    {
        (new CatalogueWarmer(self::FOLDER))->warmUp($this->scratch);
        $compiled = FileCatalogue::load('/nowhere', $this->scratch . '/' . CatalogueWarmer::FILE);
        self::assertEquals(FileCatalogue::load(self::FOLDER)->parts(Relay::class), $compiled->parts(Relay::class));
    }

    public function testABrokenPartFileStopsTheWarmUpAndIsNamed(): void
    {
        $data = json_decode((string) file_get_contents(self::FOLDER . '/relays/cube-5v.json'), true);
        self::assertIsArray($data);
        file_put_contents(
            $this->scratch . '/parts/relays/cube-5v.json',
            json_encode([...$data, 'coilVolts' => '5 A'], JSON_THROW_ON_ERROR),
        );
        try {
            FileCatalogue::load($this->scratch . '/parts')->part('cube-5v');
            self::fail('It was read.');
        } catch (\RuntimeException $fault) {
            self::assertStringContainsString(
                'The part file “cube-5v” cannot be read. At coilVolts: “5 A” is a current in amperes',
                $fault->getMessage(),
            );
        }
        $this->expectExceptionMessage('At coilVolts');
        (new CatalogueWarmer($this->scratch . '/parts'))->warmUp($this->scratch);
    }
}
