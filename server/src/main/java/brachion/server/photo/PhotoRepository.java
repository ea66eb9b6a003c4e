package brachion.server.photo;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface PhotoRepository extends JpaRepository<PhotoEntity, Long> {

    List<PhotoEntity> findByTrialIdAndDeletedAtIsNullOrderById(Long trialId);

    List<PhotoEntity> findByStockIdAndDeletedAtIsNullOrderById(Long stockId);

    List<PhotoEntity> findByPieceIdAndDeletedAtIsNullOrderById(Long pieceId);

    List<PhotoEntity> findByPieceId(Long pieceId);
}
