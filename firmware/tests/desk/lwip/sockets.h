// What this computer has by the same names stands in core.h.
#pragma once
