<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Wiring\Sheet\Overview;
use IronLatch\Core\Wiring\Sheet\Sheet;
use IronLatch\View\SheetPicture;
use Twig\Environment;
use Twig\Loader\FilesystemLoader;

/** A sheet of the wiring as SVG, its text as text. */
#[Piece(Folder::Wiring, 'A sheet of the wiring, to work by.')]
final readonly class DrawingExport implements Export
{
    public static function name(): string
    {
        return 'drawing';
    }

    public static function title(): string
    {
        return 'Wiring sheets';
    }

    public function subjects(Inspection $inspection): array
    {
        return [] === $inspection->board->lines ? [] : array_keys(self::sheets($inspection));
    }

    public function file(Handover $handover, string $subject): ExportFile
    {
        $connections = $handover->connections();
        $remarks = $handover->remarks('Wiring');
        $heads = array_slice($remarks, 0, 2);
        $sheet = self::sheets($handover->inspection)[$subject];

        return new ExportFile(
            Exports::fileName($handover->board->name . ' wiring ' . $subject, 'svg'),
            'image/svg+xml',
            self::twig()->render('wiring/_sheet.html.twig', [
                'picture' => Overview::ID === $subject
                    ? SheetPicture::overview($connections, $heads)
                    : (new SheetPicture($connections, $heads))->of($sheet),
                'own' => true,
                'remarks' => $remarks,
            ]),
        );
    }

    /** Its own, for the command line has no container; compiled once. */
    private static function twig(): Environment
    {
        /** @var ?Environment $twig */
        static $twig = null;

        return $twig ??= new Environment(new FilesystemLoader(dirname(__DIR__, 2) . '/templates'), ['strict_variables' => true]);
    }

    /**
     * @return array<string, Sheet> by id
     */
    private static function sheets(Inspection $inspection): array
    {
        $sheets = $inspection->sheets();

        return array_combine(array_map(static fn(Sheet $sheet): string => $sheet->id, $sheets), $sheets);
    }
}
