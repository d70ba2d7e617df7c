<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\Sheet\Overview;
use IronLatch\Core\Wiring\Sheet\Sheet;
use IronLatch\Core\Wiring\Sheet\Sheets;
use IronLatch\View\SheetPicture;
use Twig\Environment;
use Twig\Loader\FilesystemLoader;

/** A sheet of the wiring as SVG, its text as text. */
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
        return [] === $inspection->board->lines ? [] : array_keys(self::sheets(Connections::of($inspection->board)));
    }

    public function file(Handover $handover, string $subject): ExportFile
    {
        $connections = $handover->connections();
        $remarks = $handover->remarks('Wiring');
        $heads = array_slice($remarks, 0, 2);
        $sheet = self::sheets($connections)[$subject];
        $twig = new Environment(new FilesystemLoader(dirname(__DIR__, 2) . '/templates'), ['strict_variables' => true]);

        return new ExportFile(
            Exports::fileName($handover->board->name . ' wiring ' . $subject, 'svg'),
            'image/svg+xml',
            $twig->render('wiring/_sheet.html.twig', [
                'picture' => Overview::ID === $subject
                    ? SheetPicture::overview($connections, $heads)
                    : (new SheetPicture($connections, $heads))->of($sheet),
                'own' => true,
                'remarks' => $remarks,
            ]),
        );
    }

    /**
     * @return array<string, Sheet> by id
     */
    private static function sheets(Connections $connections): array
    {
        $sheets = [Overview::of($connections), ...Sheets::of($connections)];

        return array_combine(array_map(static fn(Sheet $sheet): string => $sheet->id, $sheets), $sheets);
    }
}
