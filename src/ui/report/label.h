#pragma once

#include "ui/session/job_session.h"

class QPagedPaintDevice;
class QPainter;
class QRectF;

namespace arbor::ui {

/// A QR code [ISO/IEC 18004], error correction M, with its quiet zone of four modules.
void paintQr(QPainter& painter, const QRectF& box, const QString& text);

/// What goes on the bag, the bench and the freezer: the job's number, machine and bearing, and its code to be scanned.
/// It fills a label of whatever size; on a page of A5 and more it takes a part.
void paintLabel(QPagedPaintDevice& device, const JobSession& session);

/// Names the shop in the code: that of its folder.
QString shopName(const JobSession& session);

} // namespace arbor::ui
