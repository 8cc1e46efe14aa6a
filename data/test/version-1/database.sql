/*M!999999\- enable the sandbox mode */ 
-- MariaDB dump 10.19  Distrib 10.11.19-MariaDB, for debian-linux-gnu (x86_64)
--
-- Host: 127.0.0.1    Database: oyakata_test_dump
-- ------------------------------------------------------
-- Server version	10.11.19-MariaDB-0+deb12u1

/*!40101 SET @OLD_CHARACTER_SET_CLIENT=@@CHARACTER_SET_CLIENT */;
/*!40101 SET @OLD_CHARACTER_SET_RESULTS=@@CHARACTER_SET_RESULTS */;
/*!40101 SET @OLD_COLLATION_CONNECTION=@@COLLATION_CONNECTION */;
/*!40101 SET NAMES utf8mb4 */;
/*!40103 SET @OLD_TIME_ZONE=@@TIME_ZONE */;
/*!40103 SET TIME_ZONE='+00:00' */;
/*!40014 SET @OLD_UNIQUE_CHECKS=@@UNIQUE_CHECKS, UNIQUE_CHECKS=0 */;
/*!40014 SET @OLD_FOREIGN_KEY_CHECKS=@@FOREIGN_KEY_CHECKS, FOREIGN_KEY_CHECKS=0 */;
/*!40101 SET @OLD_SQL_MODE=@@SQL_MODE, SQL_MODE='NO_AUTO_VALUE_ON_ZERO' */;
/*!40111 SET @OLD_SQL_NOTES=@@SQL_NOTES, SQL_NOTES=0 */;

--
-- Table structure for table `attempt_summaries`
--

DROP TABLE IF EXISTS `attempt_summaries`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `attempt_summaries` (
  `attempt_id` int(11) NOT NULL,
  `deriver` int(11) NOT NULL,
  `class_id` int(11) NOT NULL,
  `exercise_id` int(11) NOT NULL,
  `student_id` int(11) NOT NULL,
  `hand_out_id` int(11) NOT NULL,
  `scheme_id` int(11) NOT NULL,
  `try_number` int(11) NOT NULL,
  `sheet_id` int(11) DEFAULT NULL,
  `state` varchar(20) NOT NULL,
  `lathe_name` varchar(80) DEFAULT NULL,
  `passes_cut` int(11) NOT NULL,
  `step_title` varchar(120) DEFAULT NULL,
  `entries` int(11) NOT NULL,
  `last_entry_at` datetime(3) DEFAULT NULL,
  `waits_for` varchar(20) DEFAULT NULL,
  `final_size` double DEFAULT NULL,
  `points` decimal(7,2) DEFAULT NULL,
  `passed` tinyint(1) DEFAULT NULL,
  `decision` int(11) DEFAULT NULL,
  PRIMARY KEY (`attempt_id`),
  KEY `class_id` (`class_id`,`exercise_id`),
  KEY `exercise_id` (`exercise_id`,`student_id`,`try_number`),
  KEY `student_id` (`student_id`),
  CONSTRAINT `attempt_summaries_ibfk_1` FOREIGN KEY (`attempt_id`) REFERENCES `attempts` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_general_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `attempt_summaries`
--

LOCK TABLES `attempt_summaries` WRITE;
/*!40000 ALTER TABLE `attempt_summaries` DISABLE KEYS */;
INSERT INTO `attempt_summaries` VALUES
(1,0,1,1,2,1,1,1,NULL,'not-begun',NULL,0,NULL,0,NULL,NULL,NULL,96.00,1,1),
(2,0,1,1,3,1,1,1,NULL,'not-begun',NULL,0,NULL,0,NULL,NULL,NULL,40.00,0,1),
(3,0,1,1,3,1,1,2,NULL,'not-begun',NULL,0,NULL,0,NULL,NULL,NULL,NULL,NULL,NULL),
(4,0,1,1,4,1,1,1,NULL,'not-begun',NULL,0,NULL,0,NULL,NULL,NULL,NULL,NULL,NULL),
(5,0,1,1,5,1,1,1,NULL,'not-begun',NULL,0,NULL,0,NULL,NULL,NULL,NULL,NULL,NULL),
(6,0,1,1,6,1,1,1,NULL,'not-begun',NULL,0,NULL,0,NULL,NULL,NULL,NULL,NULL,NULL),
(7,0,1,1,7,1,1,1,NULL,'not-begun',NULL,0,NULL,0,NULL,NULL,NULL,NULL,NULL,NULL),
(8,0,1,1,8,1,1,1,NULL,'not-begun',NULL,0,NULL,0,NULL,NULL,NULL,NULL,NULL,NULL),
(9,0,1,1,9,1,1,1,NULL,'not-begun',NULL,0,NULL,0,NULL,NULL,NULL,NULL,NULL,NULL),
(10,0,1,1,10,1,1,1,NULL,'not-begun',NULL,0,NULL,0,NULL,NULL,NULL,NULL,NULL,NULL),
(11,0,1,1,11,1,1,1,NULL,'not-begun',NULL,0,NULL,0,NULL,NULL,NULL,99.00,1,1),
(12,0,1,1,12,1,1,1,NULL,'not-begun',NULL,0,NULL,0,NULL,NULL,NULL,100.00,1,1),
(13,0,1,1,13,1,1,1,NULL,'not-begun',NULL,0,NULL,0,NULL,NULL,NULL,NULL,NULL,NULL),
(14,0,1,2,2,2,1,1,NULL,'not-begun',NULL,0,NULL,0,NULL,NULL,NULL,100.00,1,1),
(15,0,1,2,5,2,1,1,NULL,'not-begun',NULL,0,NULL,0,NULL,NULL,NULL,63.00,1,1),
(16,0,1,2,6,2,1,1,NULL,'not-begun',NULL,0,NULL,0,NULL,NULL,NULL,NULL,NULL,NULL),
(17,0,1,2,11,2,1,1,NULL,'not-begun',NULL,0,NULL,0,NULL,NULL,NULL,NULL,NULL,NULL),
(18,0,1,2,12,2,1,1,NULL,'not-begun',NULL,0,NULL,0,NULL,NULL,NULL,NULL,NULL,NULL),
(19,0,1,2,13,2,1,1,NULL,'not-begun',NULL,0,NULL,0,NULL,NULL,NULL,NULL,NULL,NULL),
(20,0,1,2,7,2,1,1,NULL,'not-begun',NULL,0,NULL,0,NULL,NULL,NULL,NULL,NULL,NULL),
(21,0,1,2,9,2,1,1,NULL,'not-begun',NULL,0,NULL,0,NULL,NULL,NULL,NULL,NULL,NULL),
(22,0,1,3,2,3,1,1,NULL,'not-begun',NULL,0,NULL,0,NULL,NULL,NULL,NULL,NULL,NULL),
(23,0,1,3,12,3,1,1,NULL,'not-begun',NULL,0,NULL,0,NULL,NULL,NULL,NULL,NULL,NULL),
(24,0,1,3,11,3,1,1,NULL,'not-begun',NULL,0,NULL,0,NULL,NULL,NULL,NULL,NULL,NULL),
(25,0,1,4,2,4,1,1,NULL,'not-begun',NULL,0,NULL,0,NULL,NULL,NULL,91.00,1,1),
(26,0,1,4,3,4,1,1,NULL,'not-begun',NULL,0,NULL,0,NULL,NULL,NULL,94.00,1,1),
(27,0,1,5,4,5,1,1,NULL,'not-begun',NULL,0,NULL,0,NULL,NULL,NULL,91.00,1,1),
(28,0,1,6,5,6,6,1,NULL,'not-begun',NULL,0,NULL,0,NULL,NULL,NULL,94.00,1,1),
(29,0,1,6,6,6,6,1,NULL,'not-begun',NULL,0,NULL,0,NULL,NULL,NULL,96.00,1,1),
(30,0,1,7,7,7,1,1,NULL,'not-begun',NULL,0,NULL,0,NULL,NULL,NULL,91.00,1,1);
/*!40000 ALTER TABLE `attempt_summaries` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `attempts`
--

DROP TABLE IF EXISTS `attempts`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `attempts` (
  `id` int(11) NOT NULL AUTO_INCREMENT,
  `revision_id` int(11) NOT NULL,
  `student_id` int(11) NOT NULL,
  `try_number` int(11) NOT NULL,
  `created_at` datetime(3) NOT NULL,
  `hand_out_id` int(11) DEFAULT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `revision_id` (`revision_id`,`student_id`,`try_number`),
  KEY `student_id` (`student_id`),
  KEY `hand_out_id` (`hand_out_id`),
  CONSTRAINT `attempts_ibfk_1` FOREIGN KEY (`revision_id`) REFERENCES `revisions` (`id`),
  CONSTRAINT `attempts_ibfk_2` FOREIGN KEY (`student_id`) REFERENCES `people` (`id`),
  CONSTRAINT `attempts_ibfk_3` FOREIGN KEY (`hand_out_id`) REFERENCES `hand_outs` (`id`)
) ENGINE=InnoDB AUTO_INCREMENT=31 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_general_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `attempts`
--

LOCK TABLES `attempts` WRITE;
/*!40000 ALTER TABLE `attempts` DISABLE KEYS */;
INSERT INTO `attempts` VALUES
(1,1,2,1,'2026-11-13 08:30:00.000',1),
(2,1,3,1,'2026-11-13 08:30:00.000',1),
(3,1,3,2,'2026-11-13 08:30:00.000',1),
(4,1,4,1,'2026-11-13 08:30:00.000',1),
(5,1,5,1,'2026-11-13 08:30:00.000',1),
(6,1,6,1,'2026-11-13 08:30:00.000',1),
(7,1,7,1,'2026-11-13 08:30:00.000',1),
(8,1,8,1,'2026-11-13 08:30:00.000',1),
(9,1,9,1,'2026-11-13 08:30:00.000',1),
(10,1,10,1,'2026-11-13 08:30:00.000',1),
(11,1,11,1,'2026-11-13 08:30:00.000',1),
(12,1,12,1,'2026-11-13 08:30:00.000',1),
(13,1,13,1,'2026-11-13 08:30:00.000',1),
(14,2,2,1,'2026-11-18 08:30:00.000',2),
(15,2,5,1,'2026-11-18 08:30:00.000',2),
(16,2,6,1,'2026-11-18 08:30:00.000',2),
(17,2,11,1,'2026-11-18 08:30:00.000',2),
(18,2,12,1,'2026-11-18 08:30:00.000',2),
(19,2,13,1,'2026-11-18 08:30:00.000',2),
(20,2,7,1,'2026-11-18 08:30:00.000',2),
(21,2,9,1,'2026-11-18 08:30:00.000',2),
(22,3,2,1,'2026-11-22 08:30:00.000',3),
(23,3,12,1,'2026-11-22 08:30:00.000',3),
(24,3,11,1,'2026-11-22 08:30:00.000',3),
(25,4,2,1,'2026-11-25 15:55:00.394',4),
(26,4,3,1,'2026-11-25 15:55:00.394',4),
(27,5,4,1,'2026-11-25 15:55:01.995',5),
(28,6,5,1,'2026-11-25 15:55:02.719',6),
(29,6,6,1,'2026-11-25 15:55:02.719',6),
(30,7,7,1,'2026-11-25 15:55:04.012',7);
/*!40000 ALTER TABLE `attempts` ENABLE KEYS */;
UNLOCK TABLES;
/*!50003 SET @saved_cs_client      = @@character_set_client */ ;
/*!50003 SET @saved_cs_results     = @@character_set_results */ ;
/*!50003 SET @saved_col_connection = @@collation_connection */ ;
/*!50003 SET character_set_client  = utf8mb4 */ ;
/*!50003 SET character_set_results = utf8mb4 */ ;
/*!50003 SET collation_connection  = utf8mb4_unicode_ci */ ;
/*!50003 SET @saved_sql_mode       = @@sql_mode */ ;
/*!50003 SET sql_mode              = 'IGNORE_SPACE,STRICT_TRANS_TABLES,ERROR_FOR_DIVISION_BY_ZERO,NO_AUTO_CREATE_USER,NO_ENGINE_SUBSTITUTION' */ ;
DELIMITER ;;
/*!50003 CREATE*/ /*!50003 TRIGGER IF NOT EXISTS attempts_no_update BEFORE UPDATE ON attempts FOR EACH ROW
         SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'attempts are append-only' 
*/;;
DELIMITER ;
/*!50003 SET sql_mode              = @saved_sql_mode */ ;
/*!50003 SET character_set_client  = @saved_cs_client */ ;
/*!50003 SET character_set_results = @saved_cs_results */ ;
/*!50003 SET collation_connection  = @saved_col_connection */ ;
/*!50003 SET @saved_cs_client      = @@character_set_client */ ;
/*!50003 SET @saved_cs_results     = @@character_set_results */ ;
/*!50003 SET @saved_col_connection = @@collation_connection */ ;
/*!50003 SET character_set_client  = utf8mb4 */ ;
/*!50003 SET character_set_results = utf8mb4 */ ;
/*!50003 SET collation_connection  = utf8mb4_unicode_ci */ ;
/*!50003 SET @saved_sql_mode       = @@sql_mode */ ;
/*!50003 SET sql_mode              = 'IGNORE_SPACE,STRICT_TRANS_TABLES,ERROR_FOR_DIVISION_BY_ZERO,NO_AUTO_CREATE_USER,NO_ENGINE_SUBSTITUTION' */ ;
DELIMITER ;;
/*!50003 CREATE*/ /*!50003 TRIGGER IF NOT EXISTS attempts_no_delete BEFORE DELETE ON attempts FOR EACH ROW
         SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'attempts are append-only' 
*/;;
DELIMITER ;
/*!50003 SET sql_mode              = @saved_sql_mode */ ;
/*!50003 SET character_set_client  = @saved_cs_client */ ;
/*!50003 SET character_set_results = @saved_cs_results */ ;
/*!50003 SET collation_connection  = @saved_col_connection */ ;

--
-- Table structure for table `classes`
--

DROP TABLE IF EXISTS `classes`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `classes` (
  `id` int(11) NOT NULL AUTO_INCREMENT,
  `name` varchar(120) NOT NULL,
  PRIMARY KEY (`id`)
) ENGINE=InnoDB AUTO_INCREMENT=2 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_general_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `classes`
--

LOCK TABLES `classes` WRITE;
/*!40000 ALTER TABLE `classes` DISABLE KEYS */;
INSERT INTO `classes` VALUES
(1,'Press shop, first year');
/*!40000 ALTER TABLE `classes` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `entries`
--

DROP TABLE IF EXISTS `entries`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `entries` (
  `seq` bigint(20) NOT NULL AUTO_INCREMENT,
  `client_id` char(36) NOT NULL,
  `attempt_id` int(11) NOT NULL,
  `author_id` int(11) NOT NULL,
  `content` longtext CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL CHECK (json_valid(`content`)),
  `device_time` datetime(3) NOT NULL,
  `server_time` datetime(3) NOT NULL,
  `author_role` varchar(20) DEFAULT NULL,
  `device` char(36) DEFAULT NULL,
  `sequence` int(11) DEFAULT NULL,
  `after_id` char(36) DEFAULT NULL,
  `format` int(11) NOT NULL DEFAULT 1,
  `late` tinyint(1) NOT NULL DEFAULT 0,
  PRIMARY KEY (`seq`),
  UNIQUE KEY `client_id` (`client_id`),
  KEY `author_id` (`author_id`),
  KEY `attempt_id` (`attempt_id`,`seq`),
  CONSTRAINT `entries_ibfk_1` FOREIGN KEY (`attempt_id`) REFERENCES `attempts` (`id`),
  CONSTRAINT `entries_ibfk_2` FOREIGN KEY (`author_id`) REFERENCES `people` (`id`)
) ENGINE=InnoDB AUTO_INCREMENT=726 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_general_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `entries`
--

LOCK TABLES `entries` WRITE;
/*!40000 ALTER TABLE `entries` DISABLE KEYS */;
INSERT INTO `entries` VALUES
(1,'7b8ae35a-955b-4156-bd48-c5f71870d5ec',1,2,'{\"kind\":\"step\",\"stepId\":\"safety\",\"value\":null}','2026-11-14 08:34:00.000','2026-11-14 08:34:00.400',NULL,NULL,NULL,NULL,1,0),
(2,'c5d3d704-7fca-4081-a09e-dea63bec5bd0',1,2,'{\"kind\":\"step\",\"stepId\":\"over-wires\",\"value\":16.28}','2026-11-14 08:38:00.000','2026-11-14 08:38:00.400',NULL,NULL,NULL,NULL,1,0),
(3,'5dc764bd-91e2-4b45-9f99-54783543c2c6',1,2,'{\"kind\":\"step\",\"stepId\":\"blank\",\"value\":15.84}','2026-11-14 08:42:00.000','2026-11-14 08:42:00.400',NULL,NULL,NULL,NULL,1,0),
(4,'0abba4e7-64ad-4873-b17e-92f93f53d8d7',1,2,'{\"kind\":\"step\",\"stepId\":\"run-out\",\"value\":13.427}','2026-11-14 08:46:00.000','2026-11-14 08:46:00.400',NULL,NULL,NULL,NULL,1,0),
(5,'09155dae-4036-4e8e-8925-a43bbec4905d',1,2,'{\"kind\":\"step\",\"stepId\":\"holding\",\"value\":null}','2026-11-14 08:50:00.000','2026-11-14 08:50:00.400',NULL,NULL,NULL,NULL,1,0),
(6,'824d7e66-63c6-4d60-82db-d62bf492487c',1,2,'{\"kind\":\"step\",\"stepId\":\"gearing\",\"value\":2}','2026-11-14 08:54:00.000','2026-11-14 08:54:00.400',NULL,NULL,NULL,NULL,1,0),
(7,'94d984dd-e23d-47c4-b659-6180eaf62f43',1,2,'{\"kind\":\"step\",\"stepId\":\"speed\",\"value\":70}','2026-11-14 08:58:00.000','2026-11-14 08:58:00.400',NULL,NULL,NULL,NULL,1,0),
(8,'def35566-a1b4-4ed0-8fdd-5b477e45c488',1,2,'{\"kind\":\"step\",\"stepId\":\"compound\",\"value\":29.3}','2026-11-14 09:02:00.000','2026-11-14 09:02:00.400',NULL,NULL,NULL,NULL,1,0),
(9,'1e5d123e-a38f-4294-80a9-a9ec4cf66707',1,2,'{\"kind\":\"step\",\"stepId\":\"tip\",\"value\":0.26}','2026-11-14 09:06:00.000','2026-11-14 09:06:00.400',NULL,NULL,NULL,NULL,1,0),
(10,'43fdce72-fb86-45e2-a0de-e182f0cab026',1,2,'{\"kind\":\"step\",\"stepId\":\"tool-square\",\"value\":null}','2026-11-14 09:10:00.000','2026-11-14 09:10:00.400',NULL,NULL,NULL,NULL,1,0),
(11,'7cb41d3e-e2ba-4e85-ac69-9f0d88c66b57',1,2,'{\"kind\":\"step\",\"stepId\":\"travel\",\"value\":null}','2026-11-14 09:14:00.000','2026-11-14 09:14:00.400',NULL,NULL,NULL,NULL,1,0),
(12,'d50cbe04-dc86-4478-a9f6-7cfac1931b72',1,2,'{\"kind\":\"step\",\"stepId\":\"touch-off\",\"value\":null}','2026-11-14 09:18:00.000','2026-11-14 09:18:00.400',NULL,NULL,NULL,NULL,1,0),
(13,'4a6befcf-c94f-4b1c-be73-154aeecbe184',1,2,'{\"kind\":\"step\",\"stepId\":\"dry-run\",\"value\":null}','2026-11-14 09:22:00.000','2026-11-14 09:22:00.400',NULL,NULL,NULL,NULL,1,0),
(14,'52651723-d735-4404-8eb0-09b6c45651f0',1,1,'{\"kind\":\"sign-off\",\"stepId\":\"instructor-look\"}','2026-11-14 09:28:00.000','2026-11-14 09:28:00.400',NULL,NULL,NULL,NULL,1,0),
(15,'7aac7481-f4fa-4a38-9f99-a26d1d77b344',1,2,'{\"kind\":\"pass\",\"plannedPass\":1,\"reading\":0.04,\"asPlanned\":true}','2026-11-14 09:30:00.000','2026-11-14 09:30:00.400',NULL,NULL,NULL,NULL,1,0),
(16,'c05fcae1-aa01-4072-8365-0ba2b92cc74c',1,2,'{\"kind\":\"step\",\"stepId\":\"pitch-check\",\"value\":2}','2026-11-14 09:34:00.000','2026-11-14 09:34:00.400',NULL,NULL,NULL,NULL,1,0),
(17,'ab1c6ba1-c9b0-43d5-b135-a3fbd408bbfe',1,2,'{\"kind\":\"pass\",\"plannedPass\":2,\"reading\":0.3,\"asPlanned\":true}','2026-11-14 09:36:00.000','2026-11-14 09:36:00.400',NULL,NULL,NULL,NULL,1,0),
(18,'6f66a49b-43e0-476b-b3b4-fefcf0434d90',1,2,'{\"kind\":\"pass\",\"plannedPass\":3,\"reading\":0.46,\"asPlanned\":true}','2026-11-14 09:38:00.000','2026-11-14 09:38:00.400',NULL,NULL,NULL,NULL,1,0),
(19,'38bbfa4c-856c-4e4b-ae40-b08c41973131',1,2,'{\"kind\":\"pass\",\"plannedPass\":4,\"reading\":0.6,\"asPlanned\":true}','2026-11-14 09:40:00.000','2026-11-14 09:40:00.400',NULL,NULL,NULL,NULL,1,0),
(20,'5cb7fffd-fa1b-44d1-b77b-af4c2a3c95e5',1,2,'{\"kind\":\"pass\",\"plannedPass\":5,\"reading\":0.74,\"asPlanned\":true}','2026-11-14 09:42:00.000','2026-11-14 09:42:00.400',NULL,NULL,NULL,NULL,1,0),
(21,'97a54c38-0cec-4bf4-9f57-79c1ddcb4174',1,2,'{\"kind\":\"pass\",\"plannedPass\":6,\"reading\":0.84,\"asPlanned\":true}','2026-11-14 09:44:00.000','2026-11-14 09:44:00.400',NULL,NULL,NULL,NULL,1,0),
(22,'d47633d1-e8a7-4646-9b37-a70da1bc2805',1,2,'{\"kind\":\"pass\",\"plannedPass\":7,\"reading\":0.94,\"asPlanned\":true}','2026-11-14 09:46:00.000','2026-11-14 09:46:00.400',NULL,NULL,NULL,NULL,1,0),
(23,'b022ee7e-fdff-480f-abad-9fa13a269787',1,2,'{\"kind\":\"pass\",\"plannedPass\":8,\"reading\":1.04,\"asPlanned\":true}','2026-11-14 09:48:00.000','2026-11-14 09:48:00.400',NULL,NULL,NULL,NULL,1,0),
(24,'60c4ef2a-a81c-4e15-8f60-810547b03850',1,2,'{\"kind\":\"pass\",\"plannedPass\":9,\"reading\":1.12,\"asPlanned\":true}','2026-11-14 09:50:00.000','2026-11-14 09:50:00.400',NULL,NULL,NULL,NULL,1,0),
(25,'739286fb-e647-4e19-bab0-776ce0ae6c49',1,2,'{\"kind\":\"pass\",\"plannedPass\":10,\"reading\":1.2,\"asPlanned\":true}','2026-11-14 09:52:00.000','2026-11-14 09:52:00.400',NULL,NULL,NULL,NULL,1,0),
(26,'1d6acace-2425-4592-950b-04a50acaaf86',1,2,'{\"kind\":\"pass\",\"plannedPass\":11,\"reading\":1.28,\"asPlanned\":true}','2026-11-14 09:54:00.000','2026-11-14 09:54:00.400',NULL,NULL,NULL,NULL,1,0),
(27,'bd4ffa96-4377-4456-b994-a376b75ca534',1,2,'{\"kind\":\"pass\",\"plannedPass\":12,\"reading\":1.36,\"asPlanned\":true}','2026-11-14 09:56:00.000','2026-11-14 09:56:00.400',NULL,NULL,NULL,NULL,1,0),
(28,'01dc94d3-ad97-45f7-967f-fe1538cf987e',1,2,'{\"kind\":\"measurement\",\"purpose\":\"mid\",\"wire\":{\"value\":1.1547,\"unit\":\"mm\"},\"overWires\":{\"start\":16.391,\"middle\":16.383,\"end\":16.387},\"crest\":null}','2026-11-14 10:01:00.000','2026-11-14 10:01:00.400',NULL,NULL,NULL,NULL,1,0),
(29,'c2dbf93c-f667-4017-9047-a1bfeb82677c',1,2,'{\"kind\":\"pass\",\"plannedPass\":13,\"reading\":1.38,\"asPlanned\":true}','2026-11-14 10:03:00.000','2026-11-14 10:03:00.400',NULL,NULL,NULL,NULL,1,0),
(30,'9d0a7b7b-3c3c-4a81-b8a6-04149a8b1e29',1,2,'{\"kind\":\"pass\",\"plannedPass\":14,\"reading\":1.4,\"asPlanned\":true}','2026-11-14 10:05:00.000','2026-11-14 10:05:00.400',NULL,NULL,NULL,NULL,1,0),
(31,'f7ec3361-0909-4ed1-bf78-7257884e06f3',1,2,'{\"kind\":\"pass\",\"plannedPass\":15,\"reading\":1.4,\"asPlanned\":true}','2026-11-14 10:07:00.000','2026-11-14 10:07:00.400',NULL,NULL,NULL,NULL,1,0),
(32,'fb23c83f-9df0-4e86-96b8-1929c19f24fd',1,2,'{\"kind\":\"pass\",\"plannedPass\":16,\"reading\":1.4,\"asPlanned\":true}','2026-11-14 10:09:00.000','2026-11-14 10:09:00.400',NULL,NULL,NULL,NULL,1,0),
(33,'521df0b3-f578-454f-9e61-fbba744fd099',1,2,'{\"kind\":\"measurement\",\"purpose\":\"final\",\"wire\":{\"value\":1.1547,\"unit\":\"mm\"},\"overWires\":{\"start\":16.305,\"middle\":16.297,\"end\":16.301},\"crest\":15.875}','2026-11-14 10:17:00.000','2026-11-14 10:17:00.400',NULL,NULL,NULL,NULL,1,0),
(34,'d5c74936-9af7-4ad6-898b-80ce9dc45092',1,2,'{\"kind\":\"hand-in\"}','2026-11-14 10:19:00.000','2026-11-14 10:19:00.400',NULL,NULL,NULL,NULL,1,0),
(35,'46caad2e-519d-418e-9008-18c758e7bd03',1,1,'{\"kind\":\"measurement\",\"purpose\":\"final\",\"wire\":{\"value\":1.1547,\"unit\":\"mm\"},\"overWires\":{\"start\":16.318,\"middle\":16.31,\"end\":16.314},\"crest\":15.878}','2026-11-14 10:59:00.000','2026-11-14 10:59:00.400',NULL,NULL,NULL,NULL,1,0),
(36,'dcfa4765-b6e0-40f4-b15b-c1eaea4dcf20',2,3,'{\"kind\":\"step\",\"stepId\":\"over-wires\",\"value\":16.36}','2026-11-14 08:34:00.000','2026-11-14 08:34:00.400',NULL,NULL,NULL,NULL,1,0),
(37,'edc78e12-796e-453a-b55a-ed1764918e3e',2,3,'{\"kind\":\"step\",\"stepId\":\"blank\",\"value\":15.92}','2026-11-14 08:38:00.000','2026-11-14 08:38:00.400',NULL,NULL,NULL,NULL,1,0),
(38,'9bfb3388-853c-4f52-a252-d9458622dd41',2,3,'{\"kind\":\"step\",\"stepId\":\"run-out\",\"value\":13.427}','2026-11-14 08:42:00.000','2026-11-14 08:42:00.400',NULL,NULL,NULL,NULL,1,0),
(39,'33181fa9-d5d8-437c-80d1-e32fcf574cb2',2,3,'{\"kind\":\"step\",\"stepId\":\"holding\",\"value\":null}','2026-11-14 08:46:00.000','2026-11-14 08:46:00.400',NULL,NULL,NULL,NULL,1,0),
(40,'f638e4f6-2f58-4788-99b7-b865d81ab24a',2,3,'{\"kind\":\"step\",\"stepId\":\"gearing\",\"value\":2}','2026-11-14 08:50:00.000','2026-11-14 08:50:00.400',NULL,NULL,NULL,NULL,1,0),
(41,'5e3765ce-c519-45f8-810e-f5c0256d3eff',2,3,'{\"kind\":\"step\",\"stepId\":\"speed\",\"value\":70}','2026-11-14 08:54:00.000','2026-11-14 08:54:00.400',NULL,NULL,NULL,NULL,1,0),
(42,'61c3d8e1-d896-439e-8d79-d36d474ca1a1',2,3,'{\"kind\":\"step\",\"stepId\":\"compound\",\"value\":29.8}','2026-11-14 08:58:00.000','2026-11-14 08:58:00.400',NULL,NULL,NULL,NULL,1,0),
(43,'4ca21c37-c4ec-4af0-9940-605474ea629d',2,3,'{\"kind\":\"step\",\"stepId\":\"tip\",\"value\":0.31}','2026-11-14 09:02:00.000','2026-11-14 09:02:00.400',NULL,NULL,NULL,NULL,1,0),
(44,'9ab3dee4-c710-4c6d-b3c1-d5f546daf86f',2,3,'{\"kind\":\"step\",\"stepId\":\"tool-square\",\"value\":null}','2026-11-14 09:06:00.000','2026-11-14 09:06:00.400',NULL,NULL,NULL,NULL,1,0),
(45,'b1d08d61-2a8c-460b-b39e-5b7ecf417c9c',2,3,'{\"kind\":\"step\",\"stepId\":\"touch-off\",\"value\":null}','2026-11-14 09:10:00.000','2026-11-14 09:10:00.400',NULL,NULL,NULL,NULL,1,0),
(46,'88065250-3e43-4b6e-b8a1-ffcad59ba545',2,3,'{\"kind\":\"pass\",\"plannedPass\":1,\"reading\":0.04,\"asPlanned\":true}','2026-11-14 09:12:00.000','2026-11-14 09:12:00.400',NULL,NULL,NULL,NULL,1,0),
(47,'1eb16a17-1c07-40aa-9b7c-2a1975b9b234',2,3,'{\"kind\":\"step\",\"stepId\":\"pitch-check\",\"value\":2}','2026-11-14 09:16:00.000','2026-11-14 09:16:00.400',NULL,NULL,NULL,NULL,1,0),
(48,'e46a7d10-b7db-4878-be18-8a092484c003',2,3,'{\"kind\":\"pass\",\"plannedPass\":2,\"reading\":0.3,\"asPlanned\":true}','2026-11-14 09:18:00.000','2026-11-14 09:18:00.400',NULL,NULL,NULL,NULL,1,0),
(49,'eaee43ca-4c38-454c-9ba9-b7da64e64521',2,3,'{\"kind\":\"pass\",\"plannedPass\":3,\"reading\":0.46,\"asPlanned\":true}','2026-11-14 09:20:00.000','2026-11-14 09:20:00.400',NULL,NULL,NULL,NULL,1,0),
(50,'bed36f6b-1975-49c3-bf03-b105eb10222a',2,3,'{\"kind\":\"pass\",\"plannedPass\":4,\"reading\":0.6,\"asPlanned\":true}','2026-11-14 09:22:00.000','2026-11-14 09:22:00.400',NULL,NULL,NULL,NULL,1,0),
(51,'d8299fcf-3ea9-4475-87d3-48590efc5518',2,3,'{\"kind\":\"pass\",\"plannedPass\":5,\"reading\":0.74,\"asPlanned\":true}','2026-11-14 09:24:00.000','2026-11-14 09:24:00.400',NULL,NULL,NULL,NULL,1,0),
(52,'a550896b-5fbb-4677-b0af-aa23d5a526a7',2,3,'{\"kind\":\"pass\",\"plannedPass\":6,\"reading\":0.84,\"asPlanned\":true}','2026-11-14 09:26:00.000','2026-11-14 09:26:00.400',NULL,NULL,NULL,NULL,1,0),
(53,'fa548c6f-17d7-48a5-9a30-9ba68e012478',2,3,'{\"kind\":\"pass\",\"plannedPass\":7,\"reading\":0.94,\"asPlanned\":true}','2026-11-14 09:28:00.000','2026-11-14 09:28:00.400',NULL,NULL,NULL,NULL,1,0),
(54,'6649ba7c-112a-45c7-9038-b08ef6125be3',2,3,'{\"kind\":\"pass\",\"plannedPass\":8,\"reading\":1.04,\"asPlanned\":true}','2026-11-14 09:30:00.000','2026-11-14 09:30:00.400',NULL,NULL,NULL,NULL,1,0),
(55,'6ebf59ff-f876-4d45-bbb2-cc4829d2ae5d',2,3,'{\"kind\":\"pass\",\"plannedPass\":9,\"reading\":1.12,\"asPlanned\":true}','2026-11-14 09:32:00.000','2026-11-14 09:32:00.400',NULL,NULL,NULL,NULL,1,0),
(56,'66c2cc89-c3bb-4f3e-bf7a-16e30dc14812',2,3,'{\"kind\":\"pass\",\"plannedPass\":10,\"reading\":1.2,\"asPlanned\":true}','2026-11-14 09:34:00.000','2026-11-14 09:34:00.400',NULL,NULL,NULL,NULL,1,0),
(57,'d2aeb395-c6f8-4a0b-a99c-635c040b7bf2',2,3,'{\"kind\":\"pass\",\"plannedPass\":11,\"reading\":1.28,\"asPlanned\":true}','2026-11-14 09:36:00.000','2026-11-14 09:36:00.400',NULL,NULL,NULL,NULL,1,0),
(58,'bec5404a-55e2-456d-a6ea-1e33c111f107',2,3,'{\"kind\":\"pass\",\"plannedPass\":12,\"reading\":1.36,\"asPlanned\":true}','2026-11-14 09:38:00.000','2026-11-14 09:38:00.400',NULL,NULL,NULL,NULL,1,0),
(59,'da4b15a4-e5d4-4733-b344-42b7b6da338d',2,3,'{\"kind\":\"measurement\",\"purpose\":\"mid\",\"wire\":{\"value\":1.1547,\"unit\":\"mm\"},\"overWires\":{\"start\":16.429,\"middle\":16.421,\"end\":16.425},\"crest\":null}','2026-11-14 09:43:00.000','2026-11-14 09:43:00.400',NULL,NULL,NULL,NULL,1,0),
(60,'78863db3-1583-436e-83d8-ca4efc4d1c03',2,3,'{\"kind\":\"pass\",\"plannedPass\":13,\"reading\":1.38,\"asPlanned\":true}','2026-11-14 09:45:00.000','2026-11-14 09:45:00.400',NULL,NULL,NULL,NULL,1,0),
(61,'5450b721-ae8c-47e1-8ccc-23548b28bbac',2,3,'{\"kind\":\"pass\",\"plannedPass\":14,\"reading\":1.4,\"asPlanned\":true}','2026-11-14 09:47:00.000','2026-11-14 09:47:00.400',NULL,NULL,NULL,NULL,1,0),
(62,'484cc27c-ed05-48d6-80cf-7a016e15c161',2,3,'{\"kind\":\"pass\",\"plannedPass\":14,\"reading\":1.54,\"asPlanned\":false}','2026-11-14 09:50:00.000','2026-11-14 09:50:00.400',NULL,NULL,NULL,NULL,1,0),
(63,'eb0bce8e-84cc-44ad-9b94-df44d85f5066',2,3,'{\"kind\":\"measurement\",\"purpose\":\"final\",\"wire\":{\"value\":1.1547,\"unit\":\"mm\"},\"overWires\":{\"start\":16.104,\"middle\":16.096,\"end\":16.1},\"crest\":15.885}','2026-11-14 09:58:00.000','2026-11-14 09:58:00.400',NULL,NULL,NULL,NULL,1,0),
(64,'f17e8af4-6a89-486e-8257-702b6c26af40',2,3,'{\"kind\":\"note\",\"text\":\"Misread the compound by seven marks, so the last cut went too deep. The nut wobbles.\"}','2026-11-14 10:00:00.000','2026-11-14 10:00:00.400',NULL,NULL,NULL,NULL,1,0),
(65,'d43a6908-cdef-4303-a23d-94f8dc1e675f',2,3,'{\"kind\":\"hand-in\"}','2026-11-14 10:02:00.000','2026-11-14 10:02:00.400',NULL,NULL,NULL,NULL,1,0),
(66,'2c080c0c-5ea1-4fbd-aa4a-54062bd72f1c',2,1,'{\"kind\":\"measurement\",\"purpose\":\"final\",\"wire\":{\"value\":1.1547,\"unit\":\"mm\"},\"overWires\":{\"start\":16.091,\"middle\":16.083,\"end\":16.087},\"crest\":15.882}','2026-11-14 10:42:00.000','2026-11-14 10:42:00.400',NULL,NULL,NULL,NULL,1,0),
(67,'1a2156be-d0a0-4e9a-b906-cd0e7e8b809b',3,3,'{\"kind\":\"step\",\"stepId\":\"safety\",\"value\":null}','2026-11-25 13:08:19.551','2026-11-25 13:08:19.951',NULL,NULL,NULL,NULL,1,0),
(68,'92a02eea-eb29-4d11-841f-d033c66cc3c7',3,3,'{\"kind\":\"step\",\"stepId\":\"over-wires\",\"value\":16.35}','2026-11-25 13:12:19.551','2026-11-25 13:12:19.951',NULL,NULL,NULL,NULL,1,0),
(69,'1a29819c-8157-4f8a-b8bd-b67e1d977f98',3,3,'{\"kind\":\"step\",\"stepId\":\"blank\",\"value\":15.92}','2026-11-25 13:16:19.551','2026-11-25 13:16:19.951',NULL,NULL,NULL,NULL,1,0),
(70,'0e226222-cdd2-4ccf-98bc-48fe9b0be7ec',3,3,'{\"kind\":\"step\",\"stepId\":\"run-out\",\"value\":13.427}','2026-11-25 13:20:19.551','2026-11-25 13:20:19.951',NULL,NULL,NULL,NULL,1,0),
(71,'8f6b1122-7df3-48f0-a191-f72706592121',3,3,'{\"kind\":\"step\",\"stepId\":\"holding\",\"value\":null}','2026-11-25 13:24:19.551','2026-11-25 13:24:19.951',NULL,NULL,NULL,NULL,1,0),
(72,'5280355f-a71d-4def-b12b-7a241c4c2eb7',3,3,'{\"kind\":\"step\",\"stepId\":\"gearing\",\"value\":2}','2026-11-25 13:28:19.551','2026-11-25 13:28:19.951',NULL,NULL,NULL,NULL,1,0),
(73,'27f1cece-9ce4-4a21-b0b9-21095e6ba8cc',3,3,'{\"kind\":\"step\",\"stepId\":\"speed\",\"value\":70}','2026-11-25 13:32:19.551','2026-11-25 13:32:19.951',NULL,NULL,NULL,NULL,1,0),
(74,'446e8691-f07b-4893-a110-50057fafb837',3,3,'{\"kind\":\"step\",\"stepId\":\"compound\",\"value\":29.7}','2026-11-25 13:36:19.551','2026-11-25 13:36:19.951',NULL,NULL,NULL,NULL,1,0),
(75,'ac05322b-052d-4cf5-9254-f7d4a4bce3a4',3,3,'{\"kind\":\"step\",\"stepId\":\"tip\",\"value\":0.31}','2026-11-25 13:40:19.551','2026-11-25 13:40:19.951',NULL,NULL,NULL,NULL,1,0),
(76,'e42b05ad-be9f-45f8-9eec-27c9d7d97984',3,3,'{\"kind\":\"step\",\"stepId\":\"tool-square\",\"value\":null}','2026-11-25 13:44:19.551','2026-11-25 13:44:19.951',NULL,NULL,NULL,NULL,1,0),
(77,'fa104cce-1edc-4916-bcd1-57b0e1022a69',3,3,'{\"kind\":\"step\",\"stepId\":\"travel\",\"value\":null}','2026-11-25 13:48:19.551','2026-11-25 13:48:19.951',NULL,NULL,NULL,NULL,1,0),
(78,'e0ba87e4-f841-4efe-b059-ce392f436774',3,3,'{\"kind\":\"step\",\"stepId\":\"touch-off\",\"value\":null}','2026-11-25 13:52:19.551','2026-11-25 13:52:19.951',NULL,NULL,NULL,NULL,1,0),
(79,'f65dc24d-db57-48fd-8c1c-d83475b0cb37',3,3,'{\"kind\":\"step\",\"stepId\":\"dry-run\",\"value\":null}','2026-11-25 13:56:19.551','2026-11-25 13:56:19.951',NULL,NULL,NULL,NULL,1,0),
(80,'a2b9ebf2-2301-4576-a615-9885f114bf0f',3,1,'{\"kind\":\"sign-off\",\"stepId\":\"instructor-look\"}','2026-11-25 14:02:19.551','2026-11-25 14:02:19.951',NULL,NULL,NULL,NULL,1,0),
(81,'510be219-03bd-4077-a48f-5cb429e6c82f',3,3,'{\"kind\":\"pass\",\"plannedPass\":1,\"reading\":0.04,\"asPlanned\":true}','2026-11-25 14:04:19.551','2026-11-25 14:04:19.951',NULL,NULL,NULL,NULL,1,0),
(82,'cca07df0-c910-4a22-8933-6febb66abb68',3,3,'{\"kind\":\"step\",\"stepId\":\"pitch-check\",\"value\":2}','2026-11-25 14:08:19.551','2026-11-25 14:08:19.951',NULL,NULL,NULL,NULL,1,0),
(83,'244708a9-1337-49aa-8e5b-e92782cb7740',3,3,'{\"kind\":\"pass\",\"plannedPass\":2,\"reading\":0.3,\"asPlanned\":true}','2026-11-25 14:10:19.551','2026-11-25 14:10:19.951',NULL,NULL,NULL,NULL,1,0),
(84,'1f2d679c-cec6-46ab-a276-90fb11ee2516',3,3,'{\"kind\":\"pass\",\"plannedPass\":3,\"reading\":0.46,\"asPlanned\":true}','2026-11-25 14:12:19.551','2026-11-25 14:12:19.951',NULL,NULL,NULL,NULL,1,0),
(85,'cb7f7eb6-bb85-44f8-a8d3-59b85edaafe9',3,3,'{\"kind\":\"pass\",\"plannedPass\":4,\"reading\":0.6,\"asPlanned\":true}','2026-11-25 14:14:19.551','2026-11-25 14:14:19.951',NULL,NULL,NULL,NULL,1,0),
(86,'05d0f151-c50e-4bfa-afb6-6b4ec60d75cb',3,3,'{\"kind\":\"pass\",\"plannedPass\":5,\"reading\":0.74,\"asPlanned\":true}','2026-11-25 14:16:19.551','2026-11-25 14:16:19.951',NULL,NULL,NULL,NULL,1,0),
(87,'58150ede-2e6e-4370-b027-a8881dcec9b5',3,3,'{\"kind\":\"pass\",\"plannedPass\":6,\"reading\":0.84,\"asPlanned\":true}','2026-11-25 14:18:19.551','2026-11-25 14:18:19.951',NULL,NULL,NULL,NULL,1,0),
(88,'90011e88-bac0-44b2-864b-1e26544a4309',4,4,'{\"kind\":\"step\",\"stepId\":\"safety\",\"value\":null}','2026-11-24 08:34:00.000','2026-11-24 08:34:00.400',NULL,NULL,NULL,NULL,1,0),
(89,'0a3868e4-d14d-4d3d-ae73-624409087dbd',4,4,'{\"kind\":\"step\",\"stepId\":\"over-wires\",\"value\":16.35}','2026-11-24 08:38:00.000','2026-11-24 08:38:00.400',NULL,NULL,NULL,NULL,1,0),
(90,'fab36922-0c50-44f0-9084-75e0b67dcbff',4,4,'{\"kind\":\"step\",\"stepId\":\"blank\",\"value\":15.91}','2026-11-24 08:42:00.000','2026-11-24 08:42:00.400',NULL,NULL,NULL,NULL,1,0),
(91,'11fc35d9-c648-4089-b8b3-7550677f7c82',4,4,'{\"kind\":\"step\",\"stepId\":\"run-out\",\"value\":13.427}','2026-11-24 08:46:00.000','2026-11-24 08:46:00.400',NULL,NULL,NULL,NULL,1,0),
(92,'bb188c1a-913f-4eda-8e94-3e79309d1465',4,4,'{\"kind\":\"step\",\"stepId\":\"holding\",\"value\":null}','2026-11-24 08:50:00.000','2026-11-24 08:50:00.400',NULL,NULL,NULL,NULL,1,0),
(93,'01eac928-4588-46ad-a1cb-a28acaa51133',4,4,'{\"kind\":\"step\",\"stepId\":\"gearing\",\"value\":2}','2026-11-24 08:54:00.000','2026-11-24 08:54:00.400',NULL,NULL,NULL,NULL,1,0),
(94,'23e565fc-6a1f-4ab1-bf6d-fe0e4427e592',4,4,'{\"kind\":\"step\",\"stepId\":\"speed\",\"value\":70}','2026-11-24 08:58:00.000','2026-11-24 08:58:00.400',NULL,NULL,NULL,NULL,1,0),
(95,'90dba0b7-76d8-4318-90e3-c0a2573fe282',4,4,'{\"kind\":\"step\",\"stepId\":\"compound\",\"value\":29.7}','2026-11-24 09:02:00.000','2026-11-24 09:02:00.400',NULL,NULL,NULL,NULL,1,0),
(96,'29b62339-cab1-4824-acfd-8f3ab6195298',4,4,'{\"kind\":\"step\",\"stepId\":\"tip\",\"value\":0.31}','2026-11-24 09:06:00.000','2026-11-24 09:06:00.400',NULL,NULL,NULL,NULL,1,0),
(97,'07c5a257-e9f4-4063-b373-eb822b0b2eb1',4,4,'{\"kind\":\"step\",\"stepId\":\"tool-square\",\"value\":null}','2026-11-24 09:10:00.000','2026-11-24 09:10:00.400',NULL,NULL,NULL,NULL,1,0),
(98,'168dd895-c47b-4045-aa8c-d2ee8faa3443',4,4,'{\"kind\":\"step\",\"stepId\":\"travel\",\"value\":null}','2026-11-24 09:14:00.000','2026-11-24 09:14:00.400',NULL,NULL,NULL,NULL,1,0),
(99,'fd72c92f-362f-4791-87fb-da5e983354df',4,4,'{\"kind\":\"step\",\"stepId\":\"touch-off\",\"value\":null}','2026-11-24 09:18:00.000','2026-11-24 09:18:00.400',NULL,NULL,NULL,NULL,1,0),
(100,'2ac4ad21-5bb9-41e6-8c13-4ff62e402c2d',4,4,'{\"kind\":\"step\",\"stepId\":\"dry-run\",\"value\":null}','2026-11-24 09:22:00.000','2026-11-24 09:22:00.400',NULL,NULL,NULL,NULL,1,0),
(101,'e51d2902-a208-4ee9-8771-4f0c122f6434',4,1,'{\"kind\":\"sign-off\",\"stepId\":\"instructor-look\"}','2026-11-24 09:28:00.000','2026-11-24 09:28:00.400',NULL,NULL,NULL,NULL,1,0),
(102,'64e58453-f908-433e-98d2-17ee89eb1ec9',4,4,'{\"kind\":\"pass\",\"plannedPass\":1,\"reading\":0.04,\"asPlanned\":true}','2026-11-24 09:30:00.000','2026-11-24 09:30:00.400',NULL,NULL,NULL,NULL,1,0),
(103,'42a288fb-8991-4b7a-b119-a32b394532e4',4,4,'{\"kind\":\"step\",\"stepId\":\"pitch-check\",\"value\":2}','2026-11-24 09:34:00.000','2026-11-24 09:34:00.400',NULL,NULL,NULL,NULL,1,0),
(104,'776b9c74-8c11-43ca-9837-17d9a3b13965',4,4,'{\"kind\":\"pass\",\"plannedPass\":2,\"reading\":0.3,\"asPlanned\":true}','2026-11-24 09:36:00.000','2026-11-24 09:36:00.400',NULL,NULL,NULL,NULL,1,0),
(105,'40c726e8-50a9-451f-81c0-8cf3ede471cf',4,4,'{\"kind\":\"pass\",\"plannedPass\":3,\"reading\":0.46,\"asPlanned\":true}','2026-11-24 09:38:00.000','2026-11-24 09:38:00.400',NULL,NULL,NULL,NULL,1,0),
(106,'08d3a3a9-cf3c-4b3c-9480-8880859ceebd',4,4,'{\"kind\":\"pass\",\"plannedPass\":4,\"reading\":0.6,\"asPlanned\":true}','2026-11-24 09:40:00.000','2026-11-24 09:40:00.400',NULL,NULL,NULL,NULL,1,0),
(107,'b374bf91-afa4-458c-8e91-badd1373e813',4,4,'{\"kind\":\"pass\",\"plannedPass\":5,\"reading\":0.74,\"asPlanned\":true}','2026-11-24 09:42:00.000','2026-11-24 09:42:00.400',NULL,NULL,NULL,NULL,1,0),
(108,'b035a3e5-5ba3-497a-8d36-9f9f12a8b478',4,4,'{\"kind\":\"pass\",\"plannedPass\":6,\"reading\":0.84,\"asPlanned\":true}','2026-11-24 09:44:00.000','2026-11-24 09:44:00.400',NULL,NULL,NULL,NULL,1,0),
(109,'eab31ca2-b08f-4911-a860-290187b593ad',4,4,'{\"kind\":\"pass\",\"plannedPass\":7,\"reading\":0.94,\"asPlanned\":true}','2026-11-24 09:46:00.000','2026-11-24 09:46:00.400',NULL,NULL,NULL,NULL,1,0),
(110,'d641feaf-0cde-4f87-bb9c-927b48cd6f57',4,4,'{\"kind\":\"pass\",\"plannedPass\":8,\"reading\":1.04,\"asPlanned\":true}','2026-11-24 09:48:00.000','2026-11-24 09:48:00.400',NULL,NULL,NULL,NULL,1,0),
(111,'4e2f81c9-e1f8-4e75-81ab-6148d6fca5a4',4,4,'{\"kind\":\"pass\",\"plannedPass\":9,\"reading\":1.12,\"asPlanned\":true}','2026-11-24 09:50:00.000','2026-11-24 09:50:00.400',NULL,NULL,NULL,NULL,1,0),
(112,'1ca64a15-084d-4173-9a7a-1c7af90d8e45',4,4,'{\"kind\":\"pass\",\"plannedPass\":10,\"reading\":1.2,\"asPlanned\":true}','2026-11-24 09:52:00.000','2026-11-24 09:52:00.400',NULL,NULL,NULL,NULL,1,0),
(113,'37b289b3-8ed7-4163-ac3a-7a92e3ee8cff',4,4,'{\"kind\":\"pass\",\"plannedPass\":11,\"reading\":1.28,\"asPlanned\":true}','2026-11-24 09:54:00.000','2026-11-24 09:54:00.400',NULL,NULL,NULL,NULL,1,0),
(114,'f4036699-e79e-48ce-b698-107e98b63e72',4,4,'{\"kind\":\"pass\",\"plannedPass\":12,\"reading\":1.36,\"asPlanned\":true}','2026-11-24 09:56:00.000','2026-11-24 09:56:00.400',NULL,NULL,NULL,NULL,1,0),
(115,'823e3006-c1bb-4069-a2c9-314f06ab4830',4,4,'{\"kind\":\"measurement\",\"purpose\":\"mid\",\"wire\":{\"value\":1.1547,\"unit\":\"mm\"},\"overWires\":{\"start\":16.425,\"middle\":16.417,\"end\":16.421},\"crest\":null}','2026-11-24 10:01:00.000','2026-11-24 10:01:00.400',NULL,NULL,NULL,NULL,1,0),
(116,'56f9b0c5-4d38-4692-8e2a-abe2c1a826c2',4,4,'{\"kind\":\"pass\",\"plannedPass\":13,\"reading\":1.38,\"asPlanned\":true}','2026-11-24 10:03:00.000','2026-11-24 10:03:00.400',NULL,NULL,NULL,NULL,1,0),
(117,'f31cd580-6cd9-4a52-8709-407fe0176b83',4,4,'{\"kind\":\"pass\",\"plannedPass\":14,\"reading\":1.4,\"asPlanned\":true}','2026-11-24 10:05:00.000','2026-11-24 10:05:00.400',NULL,NULL,NULL,NULL,1,0),
(118,'d50033bc-f354-4c14-9aa5-228292aa59c6',4,4,'{\"kind\":\"measurement\",\"purpose\":\"final\",\"wire\":{\"value\":1.1547,\"unit\":\"mm\"},\"overWires\":{\"start\":16.412,\"middle\":16.368,\"end\":16.336},\"crest\":15.884}','2026-11-24 10:13:00.000','2026-11-24 10:13:00.400',NULL,NULL,NULL,NULL,1,0),
(119,'75159a5f-1220-4e60-85a2-a4c043c8ad9e',4,4,'{\"kind\":\"hand-in\"}','2026-11-24 10:15:00.000','2026-11-24 10:15:00.400',NULL,NULL,NULL,NULL,1,0),
(120,'eed2bc3f-9711-4877-97e3-a22a4b3758c5',5,5,'{\"kind\":\"step\",\"stepId\":\"safety\",\"value\":null}','2026-11-24 08:34:00.000','2026-11-24 08:34:00.400',NULL,NULL,NULL,NULL,1,0),
(121,'d4b5e9ef-49b4-4a3f-a190-26b4f0eb8214',5,5,'{\"kind\":\"step\",\"stepId\":\"over-wires\",\"value\":16.34}','2026-11-24 08:38:00.000','2026-11-24 08:38:00.400',NULL,NULL,NULL,NULL,1,0),
(122,'fddc2b9f-0b58-42e1-a3d9-f62071ade985',5,5,'{\"kind\":\"step\",\"stepId\":\"blank\",\"value\":15.91}','2026-11-24 08:42:00.000','2026-11-24 08:42:00.400',NULL,NULL,NULL,NULL,1,0),
(123,'9cad1c90-970b-4f00-9aac-32eaacb263e9',5,5,'{\"kind\":\"step\",\"stepId\":\"run-out\",\"value\":13.427}','2026-11-24 08:46:00.000','2026-11-24 08:46:00.400',NULL,NULL,NULL,NULL,1,0),
(124,'177a06f8-cae5-4e7f-b954-4c8fa3282dbc',5,5,'{\"kind\":\"step\",\"stepId\":\"holding\",\"value\":null}','2026-11-24 08:50:00.000','2026-11-24 08:50:00.400',NULL,NULL,NULL,NULL,1,0),
(125,'f3bf8704-83a4-4887-9b0d-c02278d16da5',5,5,'{\"kind\":\"step\",\"stepId\":\"gearing\",\"value\":2}','2026-11-24 08:54:00.000','2026-11-24 08:54:00.400',NULL,NULL,NULL,NULL,1,0),
(126,'6ab724ff-5661-418c-b9f3-36193af0a271',5,5,'{\"kind\":\"step\",\"stepId\":\"speed\",\"value\":70}','2026-11-24 08:58:00.000','2026-11-24 08:58:00.400',NULL,NULL,NULL,NULL,1,0),
(127,'c48dba64-5b62-47e4-a786-0f9cbbaf9408',5,5,'{\"kind\":\"step\",\"stepId\":\"compound\",\"value\":29.7}','2026-11-24 09:02:00.000','2026-11-24 09:02:00.400',NULL,NULL,NULL,NULL,1,0),
(128,'3e8379ae-953f-45dd-9435-45151a95277d',5,5,'{\"kind\":\"step\",\"stepId\":\"tip\",\"value\":0.3}','2026-11-24 09:06:00.000','2026-11-24 09:06:00.400',NULL,NULL,NULL,NULL,1,0),
(129,'39481a9d-fd65-4f3d-915c-ebbf235a70e7',5,5,'{\"kind\":\"step\",\"stepId\":\"tool-square\",\"value\":null}','2026-11-24 09:10:00.000','2026-11-24 09:10:00.400',NULL,NULL,NULL,NULL,1,0),
(130,'836c9a6c-b722-430d-9f89-05da11dd38a8',5,5,'{\"kind\":\"step\",\"stepId\":\"travel\",\"value\":null}','2026-11-24 09:14:00.000','2026-11-24 09:14:00.400',NULL,NULL,NULL,NULL,1,0),
(131,'eaafa3b6-c6d6-4549-a94f-71bd2c4ccd04',5,5,'{\"kind\":\"step\",\"stepId\":\"touch-off\",\"value\":null}','2026-11-24 09:18:00.000','2026-11-24 09:18:00.400',NULL,NULL,NULL,NULL,1,0),
(132,'0bc7bd01-2f42-418e-bea4-2a42b77b53d0',5,5,'{\"kind\":\"step\",\"stepId\":\"dry-run\",\"value\":null}','2026-11-24 09:22:00.000','2026-11-24 09:22:00.400',NULL,NULL,NULL,NULL,1,0),
(133,'d5e94300-b0ef-4f46-9e3c-25305c3ca330',5,1,'{\"kind\":\"sign-off\",\"stepId\":\"instructor-look\"}','2026-11-24 09:28:00.000','2026-11-24 09:28:00.400',NULL,NULL,NULL,NULL,1,0),
(134,'1092db5b-1cc4-40ac-b5ee-4d98ab655f0e',5,5,'{\"kind\":\"pass\",\"plannedPass\":1,\"reading\":0.04,\"asPlanned\":true}','2026-11-24 09:30:00.000','2026-11-24 09:30:00.400',NULL,NULL,NULL,NULL,1,0),
(135,'d0071f37-fd1a-4348-b997-b7ba9bc86f41',5,5,'{\"kind\":\"step\",\"stepId\":\"pitch-check\",\"value\":2}','2026-11-24 09:34:00.000','2026-11-24 09:34:00.400',NULL,NULL,NULL,NULL,1,0),
(136,'954de9b9-dd60-4cb2-8efe-1556d808ba34',5,5,'{\"kind\":\"pass\",\"plannedPass\":2,\"reading\":0.3,\"asPlanned\":true}','2026-11-24 09:36:00.000','2026-11-24 09:36:00.400',NULL,NULL,NULL,NULL,1,0),
(137,'e85e8793-37bf-4b0d-ba9f-ca563c5ed3e6',5,5,'{\"kind\":\"pass\",\"plannedPass\":3,\"reading\":0.46,\"asPlanned\":true}','2026-11-24 09:38:00.000','2026-11-24 09:38:00.400',NULL,NULL,NULL,NULL,1,0),
(138,'63958aaf-2524-420d-864b-95071ea15384',5,5,'{\"kind\":\"pass\",\"plannedPass\":4,\"reading\":0.6,\"asPlanned\":true}','2026-11-24 09:40:00.000','2026-11-24 09:40:00.400',NULL,NULL,NULL,NULL,1,0),
(139,'265b161b-27b2-4bcc-9cec-52955a808f21',5,5,'{\"kind\":\"pass\",\"plannedPass\":5,\"reading\":0.74,\"asPlanned\":true}','2026-11-24 09:42:00.000','2026-11-24 09:42:00.400',NULL,NULL,NULL,NULL,1,0),
(140,'565b8532-4bb1-436f-af54-cea296d7205d',5,5,'{\"kind\":\"pass\",\"plannedPass\":6,\"reading\":0.84,\"asPlanned\":true}','2026-11-24 09:44:00.000','2026-11-24 09:44:00.400',NULL,NULL,NULL,NULL,1,0),
(141,'65cca694-5bf4-4a27-acd0-983f26612cc6',5,5,'{\"kind\":\"pass\",\"plannedPass\":7,\"reading\":0.94,\"asPlanned\":true}','2026-11-24 09:46:00.000','2026-11-24 09:46:00.400',NULL,NULL,NULL,NULL,1,0),
(142,'3ae78b83-1e2f-4859-a6a2-000c9423bc07',5,5,'{\"kind\":\"pass\",\"plannedPass\":8,\"reading\":1.04,\"asPlanned\":true}','2026-11-24 09:48:00.000','2026-11-24 09:48:00.400',NULL,NULL,NULL,NULL,1,0),
(143,'82508c99-af55-430e-9068-708d4fc26396',5,5,'{\"kind\":\"pass\",\"plannedPass\":9,\"reading\":1.12,\"asPlanned\":true}','2026-11-24 09:50:00.000','2026-11-24 09:50:00.400',NULL,NULL,NULL,NULL,1,0),
(144,'793ee978-6ac5-4a4c-a154-a7f9dfe27d66',5,5,'{\"kind\":\"pass\",\"plannedPass\":10,\"reading\":1.2,\"asPlanned\":true}','2026-11-24 09:52:00.000','2026-11-24 09:52:00.400',NULL,NULL,NULL,NULL,1,0),
(145,'f49db2cf-3032-451e-b338-55b07ff02a3b',5,5,'{\"kind\":\"pass\",\"plannedPass\":11,\"reading\":1.28,\"asPlanned\":true}','2026-11-24 09:54:00.000','2026-11-24 09:54:00.400',NULL,NULL,NULL,NULL,1,0),
(146,'b4510f6d-f41a-4c82-b675-115bb5b9599e',5,5,'{\"kind\":\"pass\",\"plannedPass\":12,\"reading\":1.36,\"asPlanned\":true}','2026-11-24 09:56:00.000','2026-11-24 09:56:00.400',NULL,NULL,NULL,NULL,1,0),
(147,'83d121a2-308a-4108-b463-7a60bc4aab6c',5,5,'{\"kind\":\"measurement\",\"purpose\":\"mid\",\"wire\":{\"value\":1.1547,\"unit\":\"mm\"},\"overWires\":{\"start\":16.423,\"middle\":16.415,\"end\":16.419},\"crest\":null}','2026-11-24 10:01:00.000','2026-11-24 10:01:00.400',NULL,NULL,NULL,NULL,1,0),
(148,'19cc76ea-de04-4ae6-8ad3-0e92921b35cb',5,5,'{\"kind\":\"pass\",\"plannedPass\":13,\"reading\":1.38,\"asPlanned\":true}','2026-11-24 10:03:00.000','2026-11-24 10:03:00.400',NULL,NULL,NULL,NULL,1,0),
(149,'a3c95da7-7c0c-4075-8c6d-483e7e474a13',5,5,'{\"kind\":\"pass\",\"plannedPass\":14,\"reading\":1.4,\"asPlanned\":true}','2026-11-24 10:05:00.000','2026-11-24 10:05:00.400',NULL,NULL,NULL,NULL,1,0),
(150,'f409d0b8-9fbb-4624-98bd-27862f139ff5',5,5,'{\"kind\":\"pass\",\"plannedPass\":15,\"reading\":1.4,\"asPlanned\":true}','2026-11-24 10:07:00.000','2026-11-24 10:07:00.400',NULL,NULL,NULL,NULL,1,0),
(151,'93089be4-f438-456e-8a56-98ac3ab169fc',5,5,'{\"kind\":\"pass\",\"plannedPass\":16,\"reading\":1.4,\"asPlanned\":true}','2026-11-24 10:09:00.000','2026-11-24 10:09:00.400',NULL,NULL,NULL,NULL,1,0),
(152,'9bdf7743-7275-41de-a9e5-6106b622b74d',5,5,'{\"kind\":\"measurement\",\"purpose\":\"final\",\"wire\":{\"value\":1.1547,\"unit\":\"mm\"},\"overWires\":{\"start\":16.337,\"middle\":16.329,\"end\":16.333},\"crest\":15.883}','2026-11-24 10:17:00.000','2026-11-24 10:17:00.400',NULL,NULL,NULL,NULL,1,0),
(153,'9401915f-dee7-4c8f-b589-40483ac5f96f',6,6,'{\"kind\":\"step\",\"stepId\":\"safety\",\"value\":null}','2026-11-25 13:08:19.551','2026-11-25 13:08:19.951',NULL,NULL,NULL,NULL,1,0),
(154,'5f507fe0-5837-4a2f-9b89-86dca096f1da',6,6,'{\"kind\":\"step\",\"stepId\":\"over-wires\",\"value\":16.34}','2026-11-25 13:12:19.551','2026-11-25 13:12:19.951',NULL,NULL,NULL,NULL,1,0),
(155,'f4d8c217-e898-4c59-994e-1543f30f8361',6,6,'{\"kind\":\"step\",\"stepId\":\"blank\",\"value\":15.9}','2026-11-25 13:16:19.551','2026-11-25 13:16:19.951',NULL,NULL,NULL,NULL,1,0),
(156,'d8ffcc1a-21e8-4bdc-8df9-d8dc3d7646cd',6,6,'{\"kind\":\"step\",\"stepId\":\"run-out\",\"value\":13.427}','2026-11-25 13:20:19.551','2026-11-25 13:20:19.951',NULL,NULL,NULL,NULL,1,0),
(157,'b0bc7b1e-bbaf-4b16-98c6-22b432e0d1d0',6,6,'{\"kind\":\"step\",\"stepId\":\"holding\",\"value\":null}','2026-11-25 13:24:19.551','2026-11-25 13:24:19.951',NULL,NULL,NULL,NULL,1,0),
(158,'59f365da-e666-40fc-a693-f54efcf66807',6,6,'{\"kind\":\"step\",\"stepId\":\"gearing\",\"value\":2}','2026-11-25 13:28:19.551','2026-11-25 13:28:19.951',NULL,NULL,NULL,NULL,1,0),
(159,'e404f56a-ea0e-4de6-85f3-1f9f45181c3b',6,6,'{\"kind\":\"step\",\"stepId\":\"speed\",\"value\":70}','2026-11-25 13:32:19.551','2026-11-25 13:32:19.951',NULL,NULL,NULL,NULL,1,0),
(160,'b32587f9-8c08-4923-8e33-0605af7e2105',6,6,'{\"kind\":\"step\",\"stepId\":\"compound\",\"value\":29.6}','2026-11-25 13:36:19.551','2026-11-25 13:36:19.951',NULL,NULL,NULL,NULL,1,0),
(161,'25afeb1e-d035-4a23-b25b-481348272c07',6,6,'{\"kind\":\"step\",\"stepId\":\"tip\",\"value\":0.3}','2026-11-25 13:40:19.551','2026-11-25 13:40:19.951',NULL,NULL,NULL,NULL,1,0),
(162,'ae66433f-58f3-4162-86a2-a80ebf3ef0e1',6,6,'{\"kind\":\"step\",\"stepId\":\"tool-square\",\"value\":null}','2026-11-25 13:44:19.551','2026-11-25 13:44:19.951',NULL,NULL,NULL,NULL,1,0),
(163,'c9cb3efc-2375-4843-aca0-7cfe95af4b55',6,6,'{\"kind\":\"step\",\"stepId\":\"travel\",\"value\":null}','2026-11-25 13:48:19.551','2026-11-25 13:48:19.951',NULL,NULL,NULL,NULL,1,0),
(164,'86313576-53ed-4f10-b847-1f43db221825',6,6,'{\"kind\":\"step\",\"stepId\":\"touch-off\",\"value\":null}','2026-11-25 13:52:19.551','2026-11-25 13:52:19.951',NULL,NULL,NULL,NULL,1,0),
(165,'9f790a08-0e60-4f8e-b0f8-6fc6193ef876',6,6,'{\"kind\":\"step\",\"stepId\":\"dry-run\",\"value\":null}','2026-11-25 13:56:19.551','2026-11-25 13:56:19.951',NULL,NULL,NULL,NULL,1,0),
(166,'f8fe5c3b-1406-4010-9b89-34d69e9f051e',6,1,'{\"kind\":\"sign-off\",\"stepId\":\"instructor-look\"}','2026-11-25 14:02:19.551','2026-11-25 14:02:19.951',NULL,NULL,NULL,NULL,1,0),
(167,'7d1ad1d8-78e6-400f-83bc-c67c14f032ea',6,6,'{\"kind\":\"pass\",\"plannedPass\":1,\"reading\":0.04,\"asPlanned\":true}','2026-11-25 14:04:19.551','2026-11-25 14:04:19.951',NULL,NULL,NULL,NULL,1,0),
(168,'c8669247-90f9-4aef-9a67-ccebbfa09205',6,6,'{\"kind\":\"step\",\"stepId\":\"pitch-check\",\"value\":2}','2026-11-25 14:08:19.551','2026-11-25 14:08:19.951',NULL,NULL,NULL,NULL,1,0),
(169,'91a1f287-e77e-43ee-9a76-501e4d297539',6,6,'{\"kind\":\"pass\",\"plannedPass\":2,\"reading\":0.3,\"asPlanned\":true}','2026-11-25 14:10:19.551','2026-11-25 14:10:19.951',NULL,NULL,NULL,NULL,1,0),
(170,'4e143413-7b87-4984-8883-51417a5581cb',6,6,'{\"kind\":\"pass\",\"plannedPass\":3,\"reading\":0.46,\"asPlanned\":true}','2026-11-25 14:12:19.551','2026-11-25 14:12:19.951',NULL,NULL,NULL,NULL,1,0),
(171,'bdf29d32-0428-445a-9092-5887c2fad22c',6,6,'{\"kind\":\"pass\",\"plannedPass\":4,\"reading\":0.6,\"asPlanned\":true}','2026-11-25 14:14:19.551','2026-11-25 14:14:19.951',NULL,NULL,NULL,NULL,1,0),
(172,'e1ff9b64-cdc7-4be3-ac6a-88d4f2f7ee4e',7,7,'{\"kind\":\"step\",\"stepId\":\"safety\",\"value\":null}','2026-11-25 13:08:19.551','2026-11-25 13:08:19.951',NULL,NULL,NULL,NULL,1,0),
(173,'b04a0906-7b77-44f1-9057-e71247b02fa6',7,7,'{\"kind\":\"step\",\"stepId\":\"over-wires\",\"value\":16.33}','2026-11-25 13:12:19.551','2026-11-25 13:12:19.951',NULL,NULL,NULL,NULL,1,0),
(174,'bdb407e1-420d-4a06-aea8-f4e83fa529c9',7,7,'{\"kind\":\"step\",\"stepId\":\"blank\",\"value\":15.9}','2026-11-25 13:16:19.551','2026-11-25 13:16:19.951',NULL,NULL,NULL,NULL,1,0),
(175,'cd5bc951-ebdf-4cef-afde-54148f6bbbed',7,7,'{\"kind\":\"step\",\"stepId\":\"run-out\",\"value\":13.427}','2026-11-25 13:20:19.551','2026-11-25 13:20:19.951',NULL,NULL,NULL,NULL,1,0),
(176,'388c0d03-925c-412c-9e8e-e40aaf15d163',7,7,'{\"kind\":\"step\",\"stepId\":\"holding\",\"value\":null}','2026-11-25 13:24:19.551','2026-11-25 13:24:19.951',NULL,NULL,NULL,NULL,1,0),
(177,'5233a55a-fb4d-4520-a0ac-bb93c3b784e4',7,7,'{\"kind\":\"step\",\"stepId\":\"gearing\",\"value\":2}','2026-11-25 13:28:19.551','2026-11-25 13:28:19.951',NULL,NULL,NULL,NULL,1,0),
(178,'04cfecdf-2c9a-4ed9-99d5-111d37d660ad',7,7,'{\"kind\":\"step\",\"stepId\":\"speed\",\"value\":70}','2026-11-25 13:32:19.551','2026-11-25 13:32:19.951',NULL,NULL,NULL,NULL,1,0),
(179,'e259a6f6-74ab-4da3-a96b-b4cc04284d5e',7,7,'{\"kind\":\"step\",\"stepId\":\"compound\",\"value\":29.6}','2026-11-25 13:36:19.551','2026-11-25 13:36:19.951',NULL,NULL,NULL,NULL,1,0),
(180,'dab37d64-839a-4b99-a09b-bf1f3bb00396',7,7,'{\"kind\":\"step\",\"stepId\":\"tip\",\"value\":0.3}','2026-11-25 13:40:19.551','2026-11-25 13:40:19.951',NULL,NULL,NULL,NULL,1,0),
(181,'76708268-ce52-42cd-a57a-b24cd65d1dba',7,7,'{\"kind\":\"step\",\"stepId\":\"tool-square\",\"value\":null}','2026-11-25 13:44:19.551','2026-11-25 13:44:19.951',NULL,NULL,NULL,NULL,1,0),
(182,'1d3c98a0-f5b8-497f-9dbd-325754ee3368',7,7,'{\"kind\":\"step\",\"stepId\":\"travel\",\"value\":null}','2026-11-25 13:48:19.551','2026-11-25 13:48:19.951',NULL,NULL,NULL,NULL,1,0),
(183,'05d0df7b-47be-4d50-be22-b1104c943584',7,7,'{\"kind\":\"step\",\"stepId\":\"touch-off\",\"value\":null}','2026-11-25 13:52:19.551','2026-11-25 13:52:19.951',NULL,NULL,NULL,NULL,1,0),
(184,'b37a9f31-34fc-49c3-88a7-4cf303a03abd',7,7,'{\"kind\":\"step\",\"stepId\":\"dry-run\",\"value\":null}','2026-11-25 13:56:19.551','2026-11-25 13:56:19.951',NULL,NULL,NULL,NULL,1,0),
(185,'8560aa4f-f6fc-4e15-a41b-02bf08e93208',7,1,'{\"kind\":\"sign-off\",\"stepId\":\"instructor-look\"}','2026-11-25 14:02:19.551','2026-11-25 14:02:19.951',NULL,NULL,NULL,NULL,1,0),
(186,'94a139a5-5dec-4cef-a64c-9b6a1c049d95',7,7,'{\"kind\":\"pass\",\"plannedPass\":1,\"reading\":0.04,\"asPlanned\":true}','2026-11-25 14:04:19.551','2026-11-25 14:04:19.951',NULL,NULL,NULL,NULL,1,0),
(187,'61be75bd-49a1-4f53-8bc2-cddd3532bec0',7,7,'{\"kind\":\"step\",\"stepId\":\"pitch-check\",\"value\":2}','2026-11-25 14:08:19.551','2026-11-25 14:08:19.951',NULL,NULL,NULL,NULL,1,0),
(188,'fe1a3d55-b887-44df-b54e-9b00733fd9c4',7,7,'{\"kind\":\"pass\",\"plannedPass\":2,\"reading\":0.3,\"asPlanned\":true}','2026-11-25 14:10:19.551','2026-11-25 14:10:19.951',NULL,NULL,NULL,NULL,1,0),
(189,'3a055767-3c2e-458a-b0ba-a587f4c1305c',7,7,'{\"kind\":\"pass\",\"plannedPass\":3,\"reading\":0.46,\"asPlanned\":true}','2026-11-25 14:12:19.551','2026-11-25 14:12:19.951',NULL,NULL,NULL,NULL,1,0),
(190,'b95fe7c4-d094-489f-988b-e115e9ee5e0e',7,7,'{\"kind\":\"pass\",\"plannedPass\":4,\"reading\":0.6,\"asPlanned\":true}','2026-11-25 14:14:19.551','2026-11-25 14:14:19.951',NULL,NULL,NULL,NULL,1,0),
(191,'4fbf9397-3df8-4eaf-a4d8-6b64176f13e5',7,7,'{\"kind\":\"pass\",\"plannedPass\":5,\"reading\":0.74,\"asPlanned\":true}','2026-11-25 14:16:19.551','2026-11-25 14:16:19.951',NULL,NULL,NULL,NULL,1,0),
(192,'93a9adf8-0ae5-4ab3-b417-07d5ba20f12a',7,7,'{\"kind\":\"pass\",\"plannedPass\":6,\"reading\":0.84,\"asPlanned\":true}','2026-11-25 14:18:19.551','2026-11-25 14:18:19.951',NULL,NULL,NULL,NULL,1,0),
(193,'0e69971b-2d25-4a14-9a92-746aefc8089b',7,7,'{\"kind\":\"pass\",\"plannedPass\":7,\"reading\":0.94,\"asPlanned\":true}','2026-11-25 14:20:19.551','2026-11-25 14:20:19.951',NULL,NULL,NULL,NULL,1,0),
(194,'a7b0ebbf-a9b1-4111-8409-448c59f6d17d',7,7,'{\"kind\":\"pass\",\"plannedPass\":8,\"reading\":1.04,\"asPlanned\":true}','2026-11-25 14:22:19.551','2026-11-25 14:22:19.951',NULL,NULL,NULL,NULL,1,0),
(195,'9f0a538d-3fe6-4a1e-9b91-ae2ca6273df5',7,7,'{\"kind\":\"pass\",\"plannedPass\":9,\"reading\":1.12,\"asPlanned\":true}','2026-11-25 14:24:19.551','2026-11-25 14:24:19.951',NULL,NULL,NULL,NULL,1,0),
(196,'8478ca6f-b789-4f6f-972b-a16bbbb2d79e',7,7,'{\"kind\":\"pass\",\"plannedPass\":10,\"reading\":1.2,\"asPlanned\":true}','2026-11-25 14:26:19.551','2026-11-25 14:26:19.951',NULL,NULL,NULL,NULL,1,0),
(197,'4b26bd1d-c94e-44ec-b086-8b458e73088e',7,7,'{\"kind\":\"pass\",\"plannedPass\":11,\"reading\":1.28,\"asPlanned\":true}','2026-11-25 14:28:19.551','2026-11-25 14:28:19.951',NULL,NULL,NULL,NULL,1,0),
(198,'175d95ef-08f1-45d8-bcb4-a071a222c32d',7,7,'{\"kind\":\"pass\",\"plannedPass\":12,\"reading\":1.36,\"asPlanned\":true}','2026-11-25 14:30:19.551','2026-11-25 14:30:19.951',NULL,NULL,NULL,NULL,1,0),
(199,'ba65e514-450c-42c1-bf92-a1aab3e42027',7,7,'{\"kind\":\"measurement\",\"purpose\":\"mid\",\"wire\":{\"value\":1.1547,\"unit\":\"mm\"},\"overWires\":{\"start\":16.419,\"middle\":16.411,\"end\":16.415},\"crest\":null}','2026-11-25 14:35:19.551','2026-11-25 14:35:19.951',NULL,NULL,NULL,NULL,1,0),
(200,'31dec78e-7f94-4655-9770-bf332682bee6',8,8,'{\"kind\":\"step\",\"stepId\":\"safety\",\"value\":null}','2026-11-25 13:08:19.551','2026-11-25 13:08:19.951',NULL,NULL,NULL,NULL,1,0),
(201,'f1e20e3a-9109-41c8-a0b4-595137953ee7',8,8,'{\"kind\":\"step\",\"stepId\":\"over-wires\",\"value\":16.33}','2026-11-25 13:12:19.551','2026-11-25 13:12:19.951',NULL,NULL,NULL,NULL,1,0),
(202,'97ef111d-aa98-4c36-8d19-87465d77ca96',8,8,'{\"kind\":\"step\",\"stepId\":\"blank\",\"value\":15.89}','2026-11-25 13:16:19.551','2026-11-25 13:16:19.951',NULL,NULL,NULL,NULL,1,0),
(203,'8138088f-a424-4c3e-9034-943e47165069',8,8,'{\"kind\":\"step\",\"stepId\":\"run-out\",\"value\":13.427}','2026-11-25 13:20:19.551','2026-11-25 13:20:19.951',NULL,NULL,NULL,NULL,1,0),
(204,'39f543c6-6ae8-47d7-9c6a-8a001ad3159d',8,8,'{\"kind\":\"step\",\"stepId\":\"holding\",\"value\":null}','2026-11-25 13:24:19.551','2026-11-25 13:24:19.951',NULL,NULL,NULL,NULL,1,0),
(205,'0ea697e4-38dd-469f-aee3-b28d2a41251b',8,8,'{\"kind\":\"step\",\"stepId\":\"gearing\",\"value\":2}','2026-11-25 13:28:19.551','2026-11-25 13:28:19.951',NULL,NULL,NULL,NULL,1,0),
(206,'c85adc9d-cc5e-461d-8eb5-5b542a3e20ef',9,9,'{\"kind\":\"step\",\"stepId\":\"safety\",\"value\":null}','2026-11-25 13:08:19.551','2026-11-25 13:08:19.951',NULL,NULL,NULL,NULL,1,0),
(207,'5423d0aa-5daa-49b0-b12e-2d2bd8e123e4',9,9,'{\"kind\":\"step\",\"stepId\":\"over-wires\",\"value\":16.33}','2026-11-25 13:12:19.551','2026-11-25 13:12:19.951',NULL,NULL,NULL,NULL,1,0),
(208,'b2ea9e69-50c3-48c1-9a44-1fdc29cf71e7',9,9,'{\"kind\":\"step\",\"stepId\":\"blank\",\"value\":15.89}','2026-11-25 13:16:19.551','2026-11-25 13:16:19.951',NULL,NULL,NULL,NULL,1,0),
(209,'ef42034c-080d-4c96-9cd6-33d8af712b2e',9,9,'{\"kind\":\"step\",\"stepId\":\"run-out\",\"value\":13.427}','2026-11-25 13:20:19.551','2026-11-25 13:20:19.951',NULL,NULL,NULL,NULL,1,0),
(210,'92d45bf0-ef79-48a5-b7d9-54bd7ecfd390',9,9,'{\"kind\":\"step\",\"stepId\":\"holding\",\"value\":null}','2026-11-25 13:24:19.551','2026-11-25 13:24:19.951',NULL,NULL,NULL,NULL,1,0),
(211,'567dcd28-3533-4fc3-bf35-d05a7aa3c3f6',9,9,'{\"kind\":\"step\",\"stepId\":\"gearing\",\"value\":2}','2026-11-25 13:28:19.551','2026-11-25 13:28:19.951',NULL,NULL,NULL,NULL,1,0),
(212,'83cc30cb-9b52-4323-8838-f39dffb5e4ec',9,9,'{\"kind\":\"step\",\"stepId\":\"speed\",\"value\":70}','2026-11-25 13:32:19.551','2026-11-25 13:32:19.951',NULL,NULL,NULL,NULL,1,0),
(213,'ab8e4d57-f38f-4037-939b-05c72fd60ce1',9,9,'{\"kind\":\"step\",\"stepId\":\"compound\",\"value\":29.6}','2026-11-25 13:36:19.551','2026-11-25 13:36:19.951',NULL,NULL,NULL,NULL,1,0),
(214,'8c4ddc6f-cb73-4949-b60c-b02c6af8226b',9,9,'{\"kind\":\"step\",\"stepId\":\"tip\",\"value\":0.29}','2026-11-25 13:40:19.551','2026-11-25 13:40:19.951',NULL,NULL,NULL,NULL,1,0),
(215,'3fd0cbfd-f35d-4950-9fbb-8e4af1cd1904',9,9,'{\"kind\":\"step\",\"stepId\":\"tool-square\",\"value\":null}','2026-11-25 13:44:19.551','2026-11-25 13:44:19.951',NULL,NULL,NULL,NULL,1,0),
(216,'7d1f5f9e-254b-4c5c-bf79-fdb8bc0ea2f8',9,9,'{\"kind\":\"step\",\"stepId\":\"travel\",\"value\":null}','2026-11-25 13:48:19.551','2026-11-25 13:48:19.951',NULL,NULL,NULL,NULL,1,0),
(217,'fca0ec3a-8462-4775-b1e0-50f55f3117d1',9,9,'{\"kind\":\"step\",\"stepId\":\"touch-off\",\"value\":null}','2026-11-25 13:52:19.551','2026-11-25 13:52:19.951',NULL,NULL,NULL,NULL,1,0),
(218,'6af4c08a-f7ed-4aaf-aeb0-2125cc09a64c',9,9,'{\"kind\":\"step\",\"stepId\":\"dry-run\",\"value\":null}','2026-11-25 13:56:19.551','2026-11-25 13:56:19.951',NULL,NULL,NULL,NULL,1,0),
(219,'5d63b4c7-b773-4eba-8293-bf32dd5d0893',11,11,'{\"kind\":\"step\",\"stepId\":\"safety\",\"value\":null}','2026-11-16 08:34:00.000','2026-11-16 08:34:00.400',NULL,NULL,NULL,NULL,1,0),
(220,'85ae9152-06e5-499b-abfb-4bdab42e8ad8',11,11,'{\"kind\":\"step\",\"stepId\":\"over-wires\",\"value\":16.32}','2026-11-16 08:38:00.000','2026-11-16 08:38:00.400',NULL,NULL,NULL,NULL,1,0),
(221,'7933aa8a-fcda-420c-86ae-351027ebac2d',11,11,'{\"kind\":\"step\",\"stepId\":\"blank\",\"value\":15.88}','2026-11-16 08:42:00.000','2026-11-16 08:42:00.400',NULL,NULL,NULL,NULL,1,0),
(222,'654e2eaa-3dde-4791-9952-bf3e77f3e258',11,11,'{\"kind\":\"step\",\"stepId\":\"run-out\",\"value\":13.427}','2026-11-16 08:46:00.000','2026-11-16 08:46:00.400',NULL,NULL,NULL,NULL,1,0),
(223,'4561f57e-476f-42d5-9f30-dd290e7882eb',11,11,'{\"kind\":\"step\",\"stepId\":\"holding\",\"value\":null}','2026-11-16 08:50:00.000','2026-11-16 08:50:00.400',NULL,NULL,NULL,NULL,1,0),
(224,'74413a24-9a9b-487f-8014-54c38be5c284',11,11,'{\"kind\":\"step\",\"stepId\":\"gearing\",\"value\":2}','2026-11-16 08:54:00.000','2026-11-16 08:54:00.400',NULL,NULL,NULL,NULL,1,0),
(225,'6f507509-b01f-4340-abcc-ee4339d16214',11,11,'{\"kind\":\"step\",\"stepId\":\"speed\",\"value\":110}','2026-11-16 08:58:00.000','2026-11-16 08:58:00.400',NULL,NULL,NULL,NULL,1,0),
(226,'fccd65c0-280f-4f07-aa6d-48d4dd3bc82c',11,11,'{\"kind\":\"step\",\"stepId\":\"compound\",\"value\":29.5}','2026-11-16 09:02:00.000','2026-11-16 09:02:00.400',NULL,NULL,NULL,NULL,1,0),
(227,'e1913070-8cda-45bb-9ccb-5c0ea2bf2b29',11,11,'{\"kind\":\"step\",\"stepId\":\"tip\",\"value\":0.29}','2026-11-16 09:06:00.000','2026-11-16 09:06:00.400',NULL,NULL,NULL,NULL,1,0),
(228,'2aa95444-8bfa-4180-9ef5-a3656aabec46',11,11,'{\"kind\":\"step\",\"stepId\":\"tool-square\",\"value\":null}','2026-11-16 09:10:00.000','2026-11-16 09:10:00.400',NULL,NULL,NULL,NULL,1,0),
(229,'76a36c96-e682-4241-8d8a-6e0202087339',11,11,'{\"kind\":\"step\",\"stepId\":\"travel\",\"value\":null}','2026-11-16 09:14:00.000','2026-11-16 09:14:00.400',NULL,NULL,NULL,NULL,1,0),
(230,'e7787f93-2cd7-4f4e-99b0-8b61d46e80e3',11,11,'{\"kind\":\"step\",\"stepId\":\"touch-off\",\"value\":null}','2026-11-16 09:18:00.000','2026-11-16 09:18:00.400',NULL,NULL,NULL,NULL,1,0),
(231,'e4ad2d35-daee-4f66-8612-ee8cbcb896e1',11,11,'{\"kind\":\"step\",\"stepId\":\"dry-run\",\"value\":null}','2026-11-16 09:22:00.000','2026-11-16 09:22:00.400',NULL,NULL,NULL,NULL,1,0),
(232,'159efa4d-51d6-458f-a229-1863d1f7053d',11,1,'{\"kind\":\"sign-off\",\"stepId\":\"instructor-look\"}','2026-11-16 09:28:00.000','2026-11-16 09:28:00.400',NULL,NULL,NULL,NULL,1,0),
(233,'63cc893a-8c57-4933-9c4d-65ff77a506f9',11,11,'{\"kind\":\"pass\",\"plannedPass\":1,\"reading\":0.04,\"asPlanned\":true}','2026-11-16 09:30:00.000','2026-11-16 09:30:00.400',NULL,NULL,NULL,NULL,1,0),
(234,'a802a9cc-6347-4a9c-8a5a-f5e0b60c9c08',11,11,'{\"kind\":\"step\",\"stepId\":\"pitch-check\",\"value\":2}','2026-11-16 09:34:00.000','2026-11-16 09:34:00.400',NULL,NULL,NULL,NULL,1,0),
(235,'962591d6-9d24-48be-ad24-ad1b433c50c6',11,11,'{\"kind\":\"pass\",\"plannedPass\":2,\"reading\":0.3,\"asPlanned\":true}','2026-11-16 09:36:00.000','2026-11-16 09:36:00.400',NULL,NULL,NULL,NULL,1,0),
(236,'e6a7c79a-11ee-4514-b9d5-533d0b1bccb3',11,11,'{\"kind\":\"pass\",\"plannedPass\":3,\"reading\":0.46,\"asPlanned\":true}','2026-11-16 09:38:00.000','2026-11-16 09:38:00.400',NULL,NULL,NULL,NULL,1,0),
(237,'4b579494-d2f0-480f-83c8-57c9ac0e7fc7',11,11,'{\"kind\":\"pass\",\"plannedPass\":4,\"reading\":0.6,\"asPlanned\":true}','2026-11-16 09:40:00.000','2026-11-16 09:40:00.400',NULL,NULL,NULL,NULL,1,0),
(238,'b4f077b8-9b8f-4756-bf5e-47c7e3725736',11,11,'{\"kind\":\"pass\",\"plannedPass\":5,\"reading\":0.74,\"asPlanned\":true}','2026-11-16 09:42:00.000','2026-11-16 09:42:00.400',NULL,NULL,NULL,NULL,1,0),
(239,'76ae0865-7734-4e2c-98c4-58cb9750d31c',11,11,'{\"kind\":\"pass\",\"plannedPass\":6,\"reading\":0.84,\"asPlanned\":true}','2026-11-16 09:44:00.000','2026-11-16 09:44:00.400',NULL,NULL,NULL,NULL,1,0),
(240,'8924b64b-2e62-49d4-aa2e-7a688d25ae4a',11,11,'{\"kind\":\"pass\",\"plannedPass\":7,\"reading\":0.94,\"asPlanned\":true}','2026-11-16 09:46:00.000','2026-11-16 09:46:00.400',NULL,NULL,NULL,NULL,1,0),
(241,'6a6fc041-4116-4a02-9557-e3dd927b78d3',11,11,'{\"kind\":\"pass\",\"plannedPass\":8,\"reading\":1.04,\"asPlanned\":true}','2026-11-16 09:48:00.000','2026-11-16 09:48:00.400',NULL,NULL,NULL,NULL,1,0),
(242,'19299c69-8b34-4b04-b3e4-6441f0a1e509',11,11,'{\"kind\":\"pass\",\"plannedPass\":9,\"reading\":1.12,\"asPlanned\":true}','2026-11-16 09:50:00.000','2026-11-16 09:50:00.400',NULL,NULL,NULL,NULL,1,0),
(243,'a77781d5-dc28-412f-a278-593022f8eae7',11,11,'{\"kind\":\"pass\",\"plannedPass\":10,\"reading\":1.2,\"asPlanned\":true}','2026-11-16 09:52:00.000','2026-11-16 09:52:00.400',NULL,NULL,NULL,NULL,1,0),
(244,'3f907d86-d310-4bf6-8fa5-fc9e742a5ff8',11,11,'{\"kind\":\"pass\",\"plannedPass\":11,\"reading\":1.28,\"asPlanned\":true}','2026-11-16 09:54:00.000','2026-11-16 09:54:00.400',NULL,NULL,NULL,NULL,1,0),
(245,'1b974ec7-7d6b-4a22-8de8-9cb10ce3bc7f',11,11,'{\"kind\":\"pass\",\"plannedPass\":12,\"reading\":1.36,\"asPlanned\":true}','2026-11-16 09:56:00.000','2026-11-16 09:56:00.400',NULL,NULL,NULL,NULL,1,0),
(246,'f72d8d54-4181-439e-8a9c-c5616f1b8425',11,11,'{\"kind\":\"measurement\",\"purpose\":\"mid\",\"wire\":{\"value\":1.1547,\"unit\":\"mm\"},\"overWires\":{\"start\":16.41,\"middle\":16.402,\"end\":16.406},\"crest\":null}','2026-11-16 10:01:00.000','2026-11-16 10:01:00.400',NULL,NULL,NULL,NULL,1,0),
(247,'284d7f2a-4024-4649-9206-5eb878fadf87',11,11,'{\"kind\":\"pass\",\"plannedPass\":13,\"reading\":1.38,\"asPlanned\":true}','2026-11-16 10:03:00.000','2026-11-16 10:03:00.400',NULL,NULL,NULL,NULL,1,0),
(248,'51155519-5f1c-4785-ab94-17502c6c45e6',11,11,'{\"kind\":\"pass\",\"plannedPass\":14,\"reading\":1.4,\"asPlanned\":true}','2026-11-16 10:05:00.000','2026-11-16 10:05:00.400',NULL,NULL,NULL,NULL,1,0),
(249,'9919527b-1909-4cc8-b706-8a49ae3f9cc7',11,11,'{\"kind\":\"pass\",\"plannedPass\":15,\"reading\":1.4,\"asPlanned\":true}','2026-11-16 10:07:00.000','2026-11-16 10:07:00.400',NULL,NULL,NULL,NULL,1,0),
(250,'58f1a5f4-5e91-4407-bc4a-764d5701710c',11,11,'{\"kind\":\"pass\",\"plannedPass\":16,\"reading\":1.4,\"asPlanned\":true}','2026-11-16 10:09:00.000','2026-11-16 10:09:00.400',NULL,NULL,NULL,NULL,1,0),
(251,'43a3c842-2443-4577-9fd3-ebe46e2f1057',11,11,'{\"kind\":\"measurement\",\"purpose\":\"final\",\"wire\":{\"value\":1.1547,\"unit\":\"mm\"},\"overWires\":{\"start\":16.325,\"middle\":16.317,\"end\":16.321},\"crest\":15.88}','2026-11-16 10:17:00.000','2026-11-16 10:17:00.400',NULL,NULL,NULL,NULL,1,0),
(252,'83e09dd5-c81f-4096-8ea0-8baa198b31e8',11,11,'{\"kind\":\"hand-in\"}','2026-11-16 10:19:00.000','2026-11-16 10:19:00.400',NULL,NULL,NULL,NULL,1,0),
(253,'547045fe-9bcf-40ab-ae6a-9458df82a3f8',11,1,'{\"kind\":\"measurement\",\"purpose\":\"final\",\"wire\":{\"value\":1.1547,\"unit\":\"mm\"},\"overWires\":{\"start\":16.325,\"middle\":16.317,\"end\":16.321},\"crest\":15.88}','2026-11-16 10:59:00.000','2026-11-16 10:59:00.400',NULL,NULL,NULL,NULL,1,0),
(254,'682d5bab-eb02-4c4b-8063-8d6d26760a07',12,12,'{\"kind\":\"step\",\"stepId\":\"safety\",\"value\":null}','2026-11-17 08:34:00.000','2026-11-17 08:34:00.400',NULL,NULL,NULL,NULL,1,0),
(255,'c33a530b-b62b-4c14-9789-c99e95ccb3b7',12,12,'{\"kind\":\"step\",\"stepId\":\"over-wires\",\"value\":16.31}','2026-11-17 08:38:00.000','2026-11-17 08:38:00.400',NULL,NULL,NULL,NULL,1,0),
(256,'7c71f4c7-899a-446d-b945-2442bc170a34',12,12,'{\"kind\":\"step\",\"stepId\":\"blank\",\"value\":15.88}','2026-11-17 08:42:00.000','2026-11-17 08:42:00.400',NULL,NULL,NULL,NULL,1,0),
(257,'d908b79f-7c65-4dc2-be9d-3f06a7db1020',12,12,'{\"kind\":\"step\",\"stepId\":\"run-out\",\"value\":13.427}','2026-11-17 08:46:00.000','2026-11-17 08:46:00.400',NULL,NULL,NULL,NULL,1,0),
(258,'cdc3d845-876e-45f7-937f-a856b1553baa',12,12,'{\"kind\":\"step\",\"stepId\":\"holding\",\"value\":null}','2026-11-17 08:50:00.000','2026-11-17 08:50:00.400',NULL,NULL,NULL,NULL,1,0),
(259,'925abf51-471b-4cf9-a58c-21aa22225959',12,12,'{\"kind\":\"step\",\"stepId\":\"gearing\",\"value\":2}','2026-11-17 08:54:00.000','2026-11-17 08:54:00.400',NULL,NULL,NULL,NULL,1,0),
(260,'99be7ee1-35fc-4db7-8d99-bb3912b5342a',12,12,'{\"kind\":\"step\",\"stepId\":\"speed\",\"value\":70}','2026-11-17 08:58:00.000','2026-11-17 08:58:00.400',NULL,NULL,NULL,NULL,1,0),
(261,'fbf55ef9-caf9-48a7-8266-add94012482b',12,12,'{\"kind\":\"step\",\"stepId\":\"compound\",\"value\":29.5}','2026-11-17 09:02:00.000','2026-11-17 09:02:00.400',NULL,NULL,NULL,NULL,1,0),
(262,'91e2ddb7-45f9-4889-9495-7d12bb240c93',12,12,'{\"kind\":\"step\",\"stepId\":\"tip\",\"value\":0.29}','2026-11-17 09:06:00.000','2026-11-17 09:06:00.400',NULL,NULL,NULL,NULL,1,0),
(263,'5bf4af97-4693-49dd-be06-844a855787a8',12,12,'{\"kind\":\"step\",\"stepId\":\"tool-square\",\"value\":null}','2026-11-17 09:10:00.000','2026-11-17 09:10:00.400',NULL,NULL,NULL,NULL,1,0),
(264,'943af89b-942a-4ca0-a013-1b7e40f409ad',12,12,'{\"kind\":\"step\",\"stepId\":\"travel\",\"value\":null}','2026-11-17 09:14:00.000','2026-11-17 09:14:00.400',NULL,NULL,NULL,NULL,1,0),
(265,'9148b3a1-6c68-4068-a229-f4111f4f0626',12,12,'{\"kind\":\"step\",\"stepId\":\"touch-off\",\"value\":null}','2026-11-17 09:18:00.000','2026-11-17 09:18:00.400',NULL,NULL,NULL,NULL,1,0),
(266,'21392507-9743-452b-831e-cf741515e23f',12,12,'{\"kind\":\"step\",\"stepId\":\"dry-run\",\"value\":null}','2026-11-17 09:22:00.000','2026-11-17 09:22:00.400',NULL,NULL,NULL,NULL,1,0),
(267,'dd7ff3d3-455a-44fa-940c-226b6058476c',12,1,'{\"kind\":\"sign-off\",\"stepId\":\"instructor-look\"}','2026-11-17 09:28:00.000','2026-11-17 09:28:00.400',NULL,NULL,NULL,NULL,1,0),
(268,'c1a1abdd-876d-43c8-8594-b84e6c376854',12,12,'{\"kind\":\"pass\",\"plannedPass\":1,\"reading\":0.04,\"asPlanned\":true}','2026-11-17 09:30:00.000','2026-11-17 09:30:00.400',NULL,NULL,NULL,NULL,1,0),
(269,'54f6f705-4cd9-422c-89e9-1ee6a0e46f94',12,12,'{\"kind\":\"step\",\"stepId\":\"pitch-check\",\"value\":2}','2026-11-17 09:34:00.000','2026-11-17 09:34:00.400',NULL,NULL,NULL,NULL,1,0),
(270,'3e648667-f626-4886-8957-105c1a5c0bf5',12,12,'{\"kind\":\"pass\",\"plannedPass\":2,\"reading\":0.3,\"asPlanned\":true}','2026-11-17 09:36:00.000','2026-11-17 09:36:00.400',NULL,NULL,NULL,NULL,1,0),
(271,'242e9280-3721-4b89-9a05-8275327c7d77',12,12,'{\"kind\":\"pass\",\"plannedPass\":3,\"reading\":0.46,\"asPlanned\":true}','2026-11-17 09:38:00.000','2026-11-17 09:38:00.400',NULL,NULL,NULL,NULL,1,0),
(272,'8af41ac3-4477-4bea-8aaf-a0a70e5d876d',12,12,'{\"kind\":\"pass\",\"plannedPass\":4,\"reading\":0.6,\"asPlanned\":true}','2026-11-17 09:40:00.000','2026-11-17 09:40:00.400',NULL,NULL,NULL,NULL,1,0),
(273,'c1ac0883-e152-4c39-89af-a8fa397d5dfc',12,12,'{\"kind\":\"pass\",\"plannedPass\":5,\"reading\":0.74,\"asPlanned\":true}','2026-11-17 09:42:00.000','2026-11-17 09:42:00.400',NULL,NULL,NULL,NULL,1,0),
(274,'c92eafe7-7899-4700-922d-482ebf9829bf',12,12,'{\"kind\":\"strike\",\"entryId\":\"c1ac0883-e152-4c39-89af-a8fa397d5dfc\",\"reason\":\"Tapped twice, this pass was not cut yet\"}','2026-11-17 09:43:00.000','2026-11-17 09:43:00.400',NULL,NULL,NULL,NULL,1,0),
(275,'05b12371-76ac-456c-8968-0e33d4dd2922',12,12,'{\"kind\":\"pass\",\"plannedPass\":5,\"reading\":0.74,\"asPlanned\":true}','2026-11-17 09:45:00.000','2026-11-17 09:45:00.400',NULL,NULL,NULL,NULL,1,0),
(276,'fc61f029-df4a-43e5-9629-aa389c5e2ee9',12,12,'{\"kind\":\"pass\",\"plannedPass\":6,\"reading\":0.84,\"asPlanned\":true}','2026-11-17 09:47:00.000','2026-11-17 09:47:00.400',NULL,NULL,NULL,NULL,1,0),
(277,'57fc4711-8345-4f2d-8a96-be487278069f',12,12,'{\"kind\":\"pass\",\"plannedPass\":7,\"reading\":0.94,\"asPlanned\":true}','2026-11-17 09:49:00.000','2026-11-17 09:49:00.400',NULL,NULL,NULL,NULL,1,0),
(278,'8b22a485-2a29-4271-8752-01facb3886db',12,12,'{\"kind\":\"pass\",\"plannedPass\":8,\"reading\":1.04,\"asPlanned\":true}','2026-11-17 09:51:00.000','2026-11-17 09:51:00.400',NULL,NULL,NULL,NULL,1,0),
(279,'d2aa25d9-993e-4fd0-9626-0039e7dcbde6',12,12,'{\"kind\":\"pass\",\"plannedPass\":9,\"reading\":1.12,\"asPlanned\":true}','2026-11-17 09:53:00.000','2026-11-17 09:53:00.400',NULL,NULL,NULL,NULL,1,0),
(280,'83a7a14a-9f62-469a-8a0b-9a336f13c7d7',12,12,'{\"kind\":\"pass\",\"plannedPass\":10,\"reading\":1.2,\"asPlanned\":true}','2026-11-17 09:55:00.000','2026-11-17 09:55:00.400',NULL,NULL,NULL,NULL,1,0),
(281,'44b3d8f8-7088-4b1a-86a9-10a951c24761',12,12,'{\"kind\":\"pass\",\"plannedPass\":11,\"reading\":1.28,\"asPlanned\":true}','2026-11-17 09:57:00.000','2026-11-17 09:57:00.400',NULL,NULL,NULL,NULL,1,0),
(282,'c57b1b20-e212-494b-aab0-e58544bfa064',12,12,'{\"kind\":\"pass\",\"plannedPass\":12,\"reading\":1.36,\"asPlanned\":true}','2026-11-17 09:59:00.000','2026-11-17 09:59:00.400',NULL,NULL,NULL,NULL,1,0),
(283,'8df4341e-c6f7-4828-9a50-74e86fa4ca4c',12,12,'{\"kind\":\"measurement\",\"purpose\":\"mid\",\"wire\":{\"value\":1.1547,\"unit\":\"mm\"},\"overWires\":{\"start\":16.408,\"middle\":16.4,\"end\":16.404},\"crest\":null}','2026-11-17 10:04:00.000','2026-11-17 10:04:00.400',NULL,NULL,NULL,NULL,1,0),
(284,'75f68e42-644d-4118-9731-bba07b63b60f',12,12,'{\"kind\":\"pass\",\"plannedPass\":13,\"reading\":1.38,\"asPlanned\":true}','2026-11-17 10:06:00.000','2026-11-17 10:06:00.400',NULL,NULL,NULL,NULL,1,0),
(285,'d3050b94-a0b8-4ca0-b434-adeb9aeb9af6',12,12,'{\"kind\":\"pass\",\"plannedPass\":14,\"reading\":1.4,\"asPlanned\":true}','2026-11-17 10:08:00.000','2026-11-17 10:08:00.400',NULL,NULL,NULL,NULL,1,0),
(286,'08cad309-f50f-461e-9e50-2f69571c4754',12,12,'{\"kind\":\"pass\",\"plannedPass\":15,\"reading\":1.4,\"asPlanned\":true}','2026-11-17 10:10:00.000','2026-11-17 10:10:00.400',NULL,NULL,NULL,NULL,1,0),
(287,'7408b10b-6035-4802-be04-561ace2d6381',12,12,'{\"kind\":\"pass\",\"plannedPass\":16,\"reading\":1.4,\"asPlanned\":true}','2026-11-17 10:12:00.000','2026-11-17 10:12:00.400',NULL,NULL,NULL,NULL,1,0),
(288,'73b2d20b-ba3c-4e41-8bee-72bc6d89c1b3',12,12,'{\"kind\":\"measurement\",\"purpose\":\"final\",\"wire\":{\"value\":1.1547,\"unit\":\"mm\"},\"overWires\":{\"start\":16.323,\"middle\":16.315,\"end\":16.319},\"crest\":15.879}','2026-11-17 10:20:00.000','2026-11-17 10:20:00.400',NULL,NULL,NULL,NULL,1,0),
(289,'9d80ed89-4ffe-460b-bfb4-5777d9d68b8a',12,12,'{\"kind\":\"hand-in\"}','2026-11-17 10:22:00.000','2026-11-17 10:22:00.400',NULL,NULL,NULL,NULL,1,0),
(290,'92e77eb1-f1e6-490b-8d76-a4475069ab44',12,1,'{\"kind\":\"measurement\",\"purpose\":\"final\",\"wire\":{\"value\":1.1547,\"unit\":\"mm\"},\"overWires\":{\"start\":16.324,\"middle\":16.316,\"end\":16.32},\"crest\":15.88}','2026-11-17 11:02:00.000','2026-11-17 11:02:00.400',NULL,NULL,NULL,NULL,1,0),
(291,'898585dd-3014-420d-a0a7-fa58ecbc4e11',13,13,'{\"kind\":\"step\",\"stepId\":\"safety\",\"value\":null}','2026-11-24 08:34:00.000','2026-11-24 08:34:00.400',NULL,NULL,NULL,NULL,1,0),
(292,'d6c64c6f-9a1e-4e2d-9573-f786948b36c5',13,13,'{\"kind\":\"step\",\"stepId\":\"over-wires\",\"value\":16.31}','2026-11-24 08:38:00.000','2026-11-24 08:38:00.400',NULL,NULL,NULL,NULL,1,0),
(293,'cb3d3197-d8a0-49f4-9d3a-0656d1fd475c',13,13,'{\"kind\":\"step\",\"stepId\":\"blank\",\"value\":15.87}','2026-11-24 08:42:00.000','2026-11-24 08:42:00.400',NULL,NULL,NULL,NULL,1,0),
(294,'c08eb3bf-9d08-44b0-9cd3-1f15f3ffefca',13,13,'{\"kind\":\"step\",\"stepId\":\"run-out\",\"value\":13.427}','2026-11-24 08:46:00.000','2026-11-24 08:46:00.400',NULL,NULL,NULL,NULL,1,0),
(295,'560b19e7-e72f-4bf3-8eaa-0441597c4aaa',13,13,'{\"kind\":\"step\",\"stepId\":\"holding\",\"value\":null}','2026-11-24 08:50:00.000','2026-11-24 08:50:00.400',NULL,NULL,NULL,NULL,1,0),
(296,'fe3fb220-19dd-43c8-ab04-e24ce40877c0',13,13,'{\"kind\":\"step\",\"stepId\":\"gearing\",\"value\":2}','2026-11-24 08:54:00.000','2026-11-24 08:54:00.400',NULL,NULL,NULL,NULL,1,0),
(297,'c116169f-ec47-459d-8873-4cd9c26997e2',13,13,'{\"kind\":\"step\",\"stepId\":\"speed\",\"value\":70}','2026-11-24 08:58:00.000','2026-11-24 08:58:00.400',NULL,NULL,NULL,NULL,1,0),
(298,'14f2324b-c058-4371-bc9d-026a3e3b694b',13,13,'{\"kind\":\"step\",\"stepId\":\"compound\",\"value\":29.4}','2026-11-24 09:02:00.000','2026-11-24 09:02:00.400',NULL,NULL,NULL,NULL,1,0),
(299,'cefc2f94-a6fb-4b78-801a-9f6034808ae3',13,13,'{\"kind\":\"step\",\"stepId\":\"tip\",\"value\":0.28}','2026-11-24 09:06:00.000','2026-11-24 09:06:00.400',NULL,NULL,NULL,NULL,1,0),
(300,'0558eece-6be9-427f-9207-d2b1fea3e806',13,13,'{\"kind\":\"step\",\"stepId\":\"tool-square\",\"value\":null}','2026-11-24 09:10:00.000','2026-11-24 09:10:00.400',NULL,NULL,NULL,NULL,1,0),
(301,'b34f60b3-b8d1-43c7-9ff0-856f15e495c3',13,13,'{\"kind\":\"step\",\"stepId\":\"travel\",\"value\":null}','2026-11-24 09:14:00.000','2026-11-24 09:14:00.400',NULL,NULL,NULL,NULL,1,0),
(302,'d27f7221-a0cb-4554-bbdf-5f11bbe4931c',13,13,'{\"kind\":\"step\",\"stepId\":\"touch-off\",\"value\":null}','2026-11-24 09:18:00.000','2026-11-24 09:18:00.400',NULL,NULL,NULL,NULL,1,0),
(303,'7032c7da-9372-4588-a80a-4d0d090ae0f8',13,13,'{\"kind\":\"step\",\"stepId\":\"dry-run\",\"value\":null}','2026-11-24 09:22:00.000','2026-11-24 09:22:00.400',NULL,NULL,NULL,NULL,1,0),
(304,'5421ed49-b06c-48a9-a001-a7926d9cbdd4',13,1,'{\"kind\":\"sign-off\",\"stepId\":\"instructor-look\"}','2026-11-24 09:28:00.000','2026-11-24 09:28:00.400',NULL,NULL,NULL,NULL,1,0),
(305,'9f4bcbc7-0091-4c36-810d-e3eaa58581a4',13,13,'{\"kind\":\"pass\",\"plannedPass\":1,\"reading\":0.04,\"asPlanned\":true}','2026-11-24 09:30:00.000','2026-11-24 09:30:00.400',NULL,NULL,NULL,NULL,1,0),
(306,'14e7fdd2-84ec-4b74-a335-ccf186658b84',13,13,'{\"kind\":\"step\",\"stepId\":\"pitch-check\",\"value\":2}','2026-11-24 09:34:00.000','2026-11-24 09:34:00.400',NULL,NULL,NULL,NULL,1,0),
(307,'4605e402-11b6-4d65-9962-efce54834673',13,13,'{\"kind\":\"pass\",\"plannedPass\":2,\"reading\":0.3,\"asPlanned\":true}','2026-11-24 09:36:00.000','2026-11-24 09:36:00.400',NULL,NULL,NULL,NULL,1,0),
(308,'69817825-603d-4e96-acde-99f463f19a37',13,13,'{\"kind\":\"pass\",\"plannedPass\":3,\"reading\":0.46,\"asPlanned\":true}','2026-11-24 09:38:00.000','2026-11-24 09:38:00.400',NULL,NULL,NULL,NULL,1,0),
(309,'abd68879-8b7f-4067-baa4-ad0c1da7699b',13,13,'{\"kind\":\"pass\",\"plannedPass\":4,\"reading\":0.6,\"asPlanned\":true}','2026-11-24 09:40:00.000','2026-11-24 09:40:00.400',NULL,NULL,NULL,NULL,1,0),
(310,'3bd4db86-0673-4c12-b34b-bbcabc08f112',13,13,'{\"kind\":\"pass\",\"plannedPass\":5,\"reading\":0.74,\"asPlanned\":true}','2026-11-24 09:42:00.000','2026-11-24 09:42:00.400',NULL,NULL,NULL,NULL,1,0),
(311,'e804b5ed-8b10-4ca0-915e-c384f228af4b',13,13,'{\"kind\":\"pass\",\"plannedPass\":6,\"reading\":0.84,\"asPlanned\":true}','2026-11-24 09:44:00.000','2026-11-24 09:44:00.400',NULL,NULL,NULL,NULL,1,0),
(312,'9c2c0176-d671-4b00-b426-8fb78e3a9ce3',13,13,'{\"kind\":\"pass\",\"plannedPass\":7,\"reading\":0.94,\"asPlanned\":true}','2026-11-24 09:46:00.000','2026-11-24 09:46:00.400',NULL,NULL,NULL,NULL,1,0),
(313,'99aec3fa-864b-4a10-94c0-29b019a69696',13,13,'{\"kind\":\"pass\",\"plannedPass\":8,\"reading\":1.04,\"asPlanned\":true}','2026-11-24 09:48:00.000','2026-11-24 09:48:00.400',NULL,NULL,NULL,NULL,1,0),
(314,'64cb0552-121a-44db-bd37-083a99efee73',13,13,'{\"kind\":\"pass\",\"plannedPass\":9,\"reading\":1.12,\"asPlanned\":true}','2026-11-24 09:50:00.000','2026-11-24 09:50:00.400',NULL,NULL,NULL,NULL,1,0),
(315,'f022170f-c70f-4e13-a83e-28bb49c6bc03',13,13,'{\"kind\":\"pass\",\"plannedPass\":10,\"reading\":1.2,\"asPlanned\":true}','2026-11-24 09:52:00.000','2026-11-24 09:52:00.400',NULL,NULL,NULL,NULL,1,0),
(316,'c10e388e-7462-4b99-8d54-d79a2ccddf59',13,13,'{\"kind\":\"pass\",\"plannedPass\":11,\"reading\":1.28,\"asPlanned\":true}','2026-11-24 09:54:00.000','2026-11-24 09:54:00.400',NULL,NULL,NULL,NULL,1,0),
(317,'6e9c902f-7e3a-4052-bec1-7653a11fec7c',13,13,'{\"kind\":\"pass\",\"plannedPass\":12,\"reading\":1.36,\"asPlanned\":true}','2026-11-24 09:56:00.000','2026-11-24 09:56:00.400',NULL,NULL,NULL,NULL,1,0),
(318,'423c0b77-97bf-4d7a-bd55-208e5b29f550',13,13,'{\"kind\":\"measurement\",\"purpose\":\"mid\",\"wire\":{\"value\":1.1547,\"unit\":\"mm\"},\"overWires\":{\"start\":16.406,\"middle\":16.398,\"end\":16.402},\"crest\":null}','2026-11-24 10:01:00.000','2026-11-24 10:01:00.400',NULL,NULL,NULL,NULL,1,0),
(319,'5841afe0-2d4e-4421-8cf6-6520c6877fad',13,13,'{\"kind\":\"pass\",\"plannedPass\":13,\"reading\":1.38,\"asPlanned\":true}','2026-11-24 10:03:00.000','2026-11-24 10:03:00.400',NULL,NULL,NULL,NULL,1,0),
(320,'b9f00c8a-1fe7-4497-a811-6ed32728e678',13,13,'{\"kind\":\"pass\",\"plannedPass\":14,\"reading\":1.4,\"asPlanned\":true}','2026-11-24 10:05:00.000','2026-11-24 10:05:00.400',NULL,NULL,NULL,NULL,1,0),
(321,'a5adc2ef-d1d4-4ce5-95e4-30e262db0f0f',13,13,'{\"kind\":\"pass\",\"plannedPass\":15,\"reading\":1.4,\"asPlanned\":true}','2026-11-24 10:07:00.000','2026-11-24 10:07:00.400',NULL,NULL,NULL,NULL,1,0),
(322,'68e206d6-7d2a-4628-a772-f5fe42d2838b',13,13,'{\"kind\":\"pass\",\"plannedPass\":16,\"reading\":1.4,\"asPlanned\":true}','2026-11-24 10:09:00.000','2026-11-24 10:09:00.400',NULL,NULL,NULL,NULL,1,0),
(323,'05f3e266-a73e-4f91-a7f5-bb46eff192a7',13,13,'{\"kind\":\"measurement\",\"purpose\":\"final\",\"wire\":{\"value\":1.1547,\"unit\":\"mm\"},\"overWires\":{\"start\":16.32,\"middle\":16.312,\"end\":16.316},\"crest\":15.879}','2026-11-24 10:17:00.000','2026-11-24 10:17:00.400',NULL,NULL,NULL,NULL,1,0),
(324,'c19c9128-8310-40a1-b93f-d73b1e746ec3',13,13,'{\"kind\":\"hand-in\"}','2026-11-24 10:19:00.000','2026-11-24 10:19:00.400',NULL,NULL,NULL,NULL,1,0),
(325,'d67b5e7e-36c7-4387-9049-b02acb3fa8d8',14,2,'{\"kind\":\"step\",\"stepId\":\"safety\",\"value\":null}','2026-11-20 08:34:00.000','2026-11-20 08:34:00.400',NULL,NULL,NULL,NULL,1,0),
(326,'c02c5ff0-c2ea-4a04-80fe-493f29bded41',14,2,'{\"kind\":\"step\",\"stepId\":\"over-wires\",\"value\":0.7583}','2026-11-20 08:38:00.000','2026-11-20 08:38:00.400',NULL,NULL,NULL,NULL,1,0),
(327,'a5f1b172-e9de-41b5-b717-eee365397b04',14,2,'{\"kind\":\"step\",\"stepId\":\"blank\",\"value\":0.7418}','2026-11-20 08:42:00.000','2026-11-20 08:42:00.400',NULL,NULL,NULL,NULL,1,0),
(328,'a3744162-4f52-442f-9b9c-68b8167f80a3',14,2,'{\"kind\":\"step\",\"stepId\":\"run-out\",\"value\":0.6648}','2026-11-20 08:46:00.000','2026-11-20 08:46:00.400',NULL,NULL,NULL,NULL,1,0),
(329,'ad929084-cde5-4266-955e-500b75901e1a',14,2,'{\"kind\":\"step\",\"stepId\":\"holding\",\"value\":null}','2026-11-20 08:50:00.000','2026-11-20 08:50:00.400',NULL,NULL,NULL,NULL,1,0),
(330,'50071ffc-e86b-4522-89e7-a9f3cc07796c',14,2,'{\"kind\":\"step\",\"stepId\":\"gearing\",\"value\":16}','2026-11-20 08:54:00.000','2026-11-20 08:54:00.400',NULL,NULL,NULL,NULL,1,0),
(331,'2900be83-b0be-4516-8231-184ee876864c',14,2,'{\"kind\":\"step\",\"stepId\":\"speed\",\"value\":70}','2026-11-20 08:58:00.000','2026-11-20 08:58:00.400',NULL,NULL,NULL,NULL,1,0),
(332,'a48493f3-87a0-4517-8da0-3d9fadcaee14',14,2,'{\"kind\":\"step\",\"stepId\":\"compound\",\"value\":60.3}','2026-11-20 09:02:00.000','2026-11-20 09:02:00.400',NULL,NULL,NULL,NULL,1,0),
(333,'16336346-b915-4ef6-bc57-4788cdf7f322',14,2,'{\"kind\":\"step\",\"stepId\":\"tip\",\"value\":0.0068}','2026-11-20 09:06:00.000','2026-11-20 09:06:00.400',NULL,NULL,NULL,NULL,1,0),
(334,'add1a047-9f69-446a-8c85-41452f68a1cb',14,2,'{\"kind\":\"step\",\"stepId\":\"tool-square\",\"value\":null}','2026-11-20 09:10:00.000','2026-11-20 09:10:00.400',NULL,NULL,NULL,NULL,1,0),
(335,'51c0fe08-95bc-4f6d-91fd-4bff1d883804',14,2,'{\"kind\":\"step\",\"stepId\":\"travel\",\"value\":null}','2026-11-20 09:14:00.000','2026-11-20 09:14:00.400',NULL,NULL,NULL,NULL,1,0),
(336,'69af80fd-afac-464e-9f60-c038d42fc9fa',14,2,'{\"kind\":\"step\",\"stepId\":\"touch-off\",\"value\":null}','2026-11-20 09:18:00.000','2026-11-20 09:18:00.400',NULL,NULL,NULL,NULL,1,0),
(337,'a896935e-cf07-4f0d-a401-7e42a75819b5',14,2,'{\"kind\":\"step\",\"stepId\":\"dry-run\",\"value\":null}','2026-11-20 09:22:00.000','2026-11-20 09:22:00.400',NULL,NULL,NULL,NULL,1,0),
(338,'edf98c2b-85bb-4676-84b7-48c8d758b310',14,1,'{\"kind\":\"sign-off\",\"stepId\":\"instructor-look\"}','2026-11-20 09:28:00.000','2026-11-20 09:28:00.400',NULL,NULL,NULL,NULL,1,0),
(339,'3cc08461-a5d0-4eaf-91da-68e2e50b3ec6',14,2,'{\"kind\":\"pass\",\"plannedPass\":1,\"reading\":0.002,\"asPlanned\":true}','2026-11-20 09:30:00.000','2026-11-20 09:30:00.400',NULL,NULL,NULL,NULL,1,0),
(340,'aacf659c-1e84-488d-9870-d2861067dc3a',14,2,'{\"kind\":\"step\",\"stepId\":\"pitch-check\",\"value\":16}','2026-11-20 09:34:00.000','2026-11-20 09:34:00.400',NULL,NULL,NULL,NULL,1,0),
(341,'6259a931-4c8c-4043-8123-6e7f083d198c',14,2,'{\"kind\":\"pass\",\"plannedPass\":2,\"reading\":0.012,\"asPlanned\":true}','2026-11-20 09:36:00.000','2026-11-20 09:36:00.400',NULL,NULL,NULL,NULL,1,0),
(342,'2a16476a-43ad-48e0-aef7-3dba507e356c',14,2,'{\"kind\":\"pass\",\"plannedPass\":3,\"reading\":0.018,\"asPlanned\":true}','2026-11-20 09:38:00.000','2026-11-20 09:38:00.400',NULL,NULL,NULL,NULL,1,0),
(343,'744bbab4-9fb2-440b-9cd7-b3a7ec161208',14,2,'{\"kind\":\"pass\",\"plannedPass\":4,\"reading\":0.023,\"asPlanned\":true}','2026-11-20 09:40:00.000','2026-11-20 09:40:00.400',NULL,NULL,NULL,NULL,1,0),
(344,'628b12a5-726f-46f4-8cea-c0cc31102320',14,2,'{\"kind\":\"pass\",\"plannedPass\":5,\"reading\":0.028,\"asPlanned\":true}','2026-11-20 09:42:00.000','2026-11-20 09:42:00.400',NULL,NULL,NULL,NULL,1,0),
(345,'26b3dc76-326a-40d8-a151-d40a0ee87a77',14,2,'{\"kind\":\"pass\",\"plannedPass\":6,\"reading\":0.031,\"asPlanned\":true}','2026-11-20 09:44:00.000','2026-11-20 09:44:00.400',NULL,NULL,NULL,NULL,1,0),
(346,'b5a21670-a8f4-4051-92ed-2da50de254da',14,2,'{\"kind\":\"pass\",\"plannedPass\":7,\"reading\":0.035,\"asPlanned\":true}','2026-11-20 09:46:00.000','2026-11-20 09:46:00.400',NULL,NULL,NULL,NULL,1,0),
(347,'507557ec-4931-4d76-8aba-0bba1fcdbfa5',14,2,'{\"kind\":\"pass\",\"plannedPass\":8,\"reading\":0.038,\"asPlanned\":true}','2026-11-20 09:48:00.000','2026-11-20 09:48:00.400',NULL,NULL,NULL,NULL,1,0),
(348,'11ceb673-c3be-4257-9780-8e63b183beaa',14,2,'{\"kind\":\"pass\",\"plannedPass\":9,\"reading\":0.041,\"asPlanned\":true}','2026-11-20 09:50:00.000','2026-11-20 09:50:00.400',NULL,NULL,NULL,NULL,1,0),
(349,'db8c9c87-ad3c-485c-b0a4-104cfacfc657',14,2,'{\"kind\":\"pass\",\"plannedPass\":10,\"reading\":0.044,\"asPlanned\":true}','2026-11-20 09:52:00.000','2026-11-20 09:52:00.400',NULL,NULL,NULL,NULL,1,0),
(350,'be4b59e7-f760-4de9-b03a-0b6991d63285',14,2,'{\"kind\":\"measurement\",\"purpose\":\"mid\",\"wire\":{\"value\":0.03608,\"unit\":\"in\"},\"overWires\":{\"start\":0.7618,\"middle\":0.7616,\"end\":0.7617},\"crest\":null}','2026-11-20 09:57:00.000','2026-11-20 09:57:00.400',NULL,NULL,NULL,NULL,1,0),
(351,'fcac1512-046b-4f2d-b497-3ecbfcab221f',14,2,'{\"kind\":\"pass\",\"plannedPass\":11,\"reading\":0.045,\"asPlanned\":true}','2026-11-20 09:59:00.000','2026-11-20 09:59:00.400',NULL,NULL,NULL,NULL,1,0),
(352,'4c36acae-6892-4c50-acf3-c2135a083998',14,2,'{\"kind\":\"pass\",\"plannedPass\":12,\"reading\":0.046,\"asPlanned\":true}','2026-11-20 10:01:00.000','2026-11-20 10:01:00.400',NULL,NULL,NULL,NULL,1,0),
(353,'6048c4f0-1554-42ed-8f05-57851e47da43',14,2,'{\"kind\":\"pass\",\"plannedPass\":13,\"reading\":0.046,\"asPlanned\":true}','2026-11-20 10:03:00.000','2026-11-20 10:03:00.400',NULL,NULL,NULL,NULL,1,0),
(354,'f104e607-903c-45f4-863c-19ccc57c85cf',14,2,'{\"kind\":\"pass\",\"plannedPass\":14,\"reading\":0.046,\"asPlanned\":true}','2026-11-20 10:05:00.000','2026-11-20 10:05:00.400',NULL,NULL,NULL,NULL,1,0),
(355,'0309fba8-5c7a-4c10-b316-4ad4df98f061',14,2,'{\"kind\":\"measurement\",\"purpose\":\"final\",\"wire\":{\"value\":0.03608,\"unit\":\"in\"},\"overWires\":{\"start\":0.7592,\"middle\":0.7589,\"end\":0.7591},\"crest\":0.7439}','2026-11-20 10:13:00.000','2026-11-20 10:13:00.400',NULL,NULL,NULL,NULL,1,0),
(356,'27eb832f-58b1-455c-a90b-8573de948165',14,2,'{\"kind\":\"hand-in\"}','2026-11-20 10:15:00.000','2026-11-20 10:15:00.400',NULL,NULL,NULL,NULL,1,0),
(357,'8f555e2d-78dc-4f58-a99a-05956fa809bf',14,1,'{\"kind\":\"measurement\",\"purpose\":\"final\",\"wire\":{\"value\":0.03608,\"unit\":\"in\"},\"overWires\":{\"start\":0.7596,\"middle\":0.7593,\"end\":0.7595},\"crest\":0.744}','2026-11-20 10:55:00.000','2026-11-20 10:55:00.400',NULL,NULL,NULL,NULL,1,0),
(358,'2e2cc080-e920-467a-9738-fa455f6846ed',15,5,'{\"kind\":\"step\",\"stepId\":\"safety\",\"value\":null}','2026-11-20 08:34:00.000','2026-11-20 08:34:00.400',NULL,NULL,NULL,NULL,1,0),
(359,'0882e90d-a9f9-4f63-b283-13fd8bef3b4f',15,5,'{\"kind\":\"step\",\"stepId\":\"over-wires\",\"value\":0.7608}','2026-11-20 08:38:00.000','2026-11-20 08:38:00.400',NULL,NULL,NULL,NULL,1,0),
(360,'698d8dfd-de6b-4474-a1cf-3d7ac76b7a45',15,5,'{\"kind\":\"step\",\"stepId\":\"blank\",\"value\":0.7463}','2026-11-20 08:42:00.000','2026-11-20 08:42:00.400',NULL,NULL,NULL,NULL,1,0),
(361,'88d1eeb0-9cea-4032-9f6b-7f9a37607883',15,5,'{\"kind\":\"step\",\"stepId\":\"run-out\",\"value\":0.6648}','2026-11-20 08:46:00.000','2026-11-20 08:46:00.400',NULL,NULL,NULL,NULL,1,0),
(362,'0f0be0f5-8ea1-4adf-ac3b-df2f6b0169ca',15,5,'{\"kind\":\"step\",\"stepId\":\"holding\",\"value\":null}','2026-11-20 08:50:00.000','2026-11-20 08:50:00.400',NULL,NULL,NULL,NULL,1,0),
(363,'aa0a7424-4d04-4974-8625-66bbf6bd1799',15,5,'{\"kind\":\"step\",\"stepId\":\"gearing\",\"value\":16}','2026-11-20 08:54:00.000','2026-11-20 08:54:00.400',NULL,NULL,NULL,NULL,1,0),
(364,'951f4421-4636-4b09-be47-b8922e77012a',15,5,'{\"kind\":\"step\",\"stepId\":\"speed\",\"value\":70}','2026-11-20 08:58:00.000','2026-11-20 08:58:00.400',NULL,NULL,NULL,NULL,1,0),
(365,'f69f1381-d54a-4f77-b565-9c57ae04ff7a',15,5,'{\"kind\":\"step\",\"stepId\":\"compound\",\"value\":30}','2026-11-20 09:02:00.000','2026-11-20 09:02:00.400',NULL,NULL,NULL,NULL,1,0),
(366,'98b166dd-bbc2-482d-b85d-cedf72fb0def',15,5,'{\"kind\":\"step\",\"stepId\":\"tip\",\"value\":0.0088}','2026-11-20 09:06:00.000','2026-11-20 09:06:00.400',NULL,NULL,NULL,NULL,1,0),
(367,'e5b85a01-cf5d-4a3e-9090-670de94c3ff2',15,5,'{\"kind\":\"step\",\"stepId\":\"tool-square\",\"value\":null}','2026-11-20 09:10:00.000','2026-11-20 09:10:00.400',NULL,NULL,NULL,NULL,1,0),
(368,'0858cc59-bc30-40ef-8247-f68cbd3f4b25',15,5,'{\"kind\":\"step\",\"stepId\":\"travel\",\"value\":null}','2026-11-20 09:14:00.000','2026-11-20 09:14:00.400',NULL,NULL,NULL,NULL,1,0),
(369,'b6af786e-9f53-4387-80bc-d49b67bb6170',15,5,'{\"kind\":\"step\",\"stepId\":\"touch-off\",\"value\":null}','2026-11-20 09:18:00.000','2026-11-20 09:18:00.400',NULL,NULL,NULL,NULL,1,0),
(370,'e9bc9902-4c4d-4716-a792-f43215b6b4bc',15,1,'{\"kind\":\"sign-off\",\"stepId\":\"instructor-look\"}','2026-11-20 09:24:00.000','2026-11-20 09:24:00.400',NULL,NULL,NULL,NULL,1,0),
(371,'63a46560-5fe4-4eed-96ab-6badcd2e4f07',15,5,'{\"kind\":\"pass\",\"plannedPass\":1,\"reading\":0.002,\"asPlanned\":true}','2026-11-20 09:26:00.000','2026-11-20 09:26:00.400',NULL,NULL,NULL,NULL,1,0),
(372,'0c3c46f2-359f-49f3-b91d-9a33e0cf49a5',15,5,'{\"kind\":\"step\",\"stepId\":\"pitch-check\",\"value\":16}','2026-11-20 09:30:00.000','2026-11-20 09:30:00.400',NULL,NULL,NULL,NULL,1,0),
(373,'a420c5a6-7dde-43b7-a68b-ca2b8e9b5fda',15,5,'{\"kind\":\"pass\",\"plannedPass\":2,\"reading\":0.012,\"asPlanned\":true}','2026-11-20 09:32:00.000','2026-11-20 09:32:00.400',NULL,NULL,NULL,NULL,1,0),
(374,'71f70a2a-d0b4-428d-add3-e970a8179ff8',15,5,'{\"kind\":\"pass\",\"plannedPass\":3,\"reading\":0.018,\"asPlanned\":true}','2026-11-20 09:34:00.000','2026-11-20 09:34:00.400',NULL,NULL,NULL,NULL,1,0),
(375,'2af2e55e-3b50-451b-ac3b-13d5922e459f',15,5,'{\"kind\":\"pass\",\"plannedPass\":4,\"reading\":0.023,\"asPlanned\":true}','2026-11-20 09:36:00.000','2026-11-20 09:36:00.400',NULL,NULL,NULL,NULL,1,0),
(376,'9767b986-2b58-4a06-b093-b493b942dc23',15,5,'{\"kind\":\"pass\",\"plannedPass\":5,\"reading\":0.028,\"asPlanned\":true}','2026-11-20 09:38:00.000','2026-11-20 09:38:00.400',NULL,NULL,NULL,NULL,1,0),
(377,'f6ed8537-0538-42cb-9523-bed4dc77476c',15,5,'{\"kind\":\"pass\",\"plannedPass\":6,\"reading\":0.031,\"asPlanned\":true}','2026-11-20 09:40:00.000','2026-11-20 09:40:00.400',NULL,NULL,NULL,NULL,1,0),
(378,'ead9b2fb-226e-429c-9a15-74744ce30de6',15,5,'{\"kind\":\"pass\",\"plannedPass\":7,\"reading\":0.035,\"asPlanned\":true}','2026-11-20 09:42:00.000','2026-11-20 09:42:00.400',NULL,NULL,NULL,NULL,1,0),
(379,'e8ff11e2-d6dc-406f-9698-f7fbf932ff8d',15,5,'{\"kind\":\"pass\",\"plannedPass\":8,\"reading\":0.038,\"asPlanned\":true}','2026-11-20 09:44:00.000','2026-11-20 09:44:00.400',NULL,NULL,NULL,NULL,1,0),
(380,'603016bf-bb04-43d5-92ed-7659d01b5412',15,5,'{\"kind\":\"pass\",\"plannedPass\":9,\"reading\":0.041,\"asPlanned\":true}','2026-11-20 09:46:00.000','2026-11-20 09:46:00.400',NULL,NULL,NULL,NULL,1,0),
(381,'960b865d-84c2-4f0b-a549-d1904b672057',15,5,'{\"kind\":\"pass\",\"plannedPass\":10,\"reading\":0.044,\"asPlanned\":true}','2026-11-20 09:48:00.000','2026-11-20 09:48:00.400',NULL,NULL,NULL,NULL,1,0),
(382,'cf999c1e-1291-4c85-817d-5fa280805bcf',15,5,'{\"kind\":\"measurement\",\"purpose\":\"mid\",\"wire\":{\"value\":0.03608,\"unit\":\"in\"},\"overWires\":{\"start\":0.763,\"middle\":0.7628,\"end\":0.7629},\"crest\":null}','2026-11-20 09:53:00.000','2026-11-20 09:53:00.400',NULL,NULL,NULL,NULL,1,0),
(383,'9ad47b53-7e34-4ae8-9a77-bfb6ec2068a8',15,5,'{\"kind\":\"pass\",\"plannedPass\":11,\"reading\":0.045,\"asPlanned\":true}','2026-11-20 09:55:00.000','2026-11-20 09:55:00.400',NULL,NULL,NULL,NULL,1,0),
(384,'2c8217b5-74c2-49ca-b250-fc51f9e5452a',15,5,'{\"kind\":\"pass\",\"plannedPass\":12,\"reading\":0.046,\"asPlanned\":true}','2026-11-20 09:57:00.000','2026-11-20 09:57:00.400',NULL,NULL,NULL,NULL,1,0),
(385,'72ef339e-cacf-470f-ad0a-3ff629fb7aeb',15,5,'{\"kind\":\"pass\",\"plannedPass\":12,\"reading\":0.052,\"asPlanned\":false}','2026-11-20 10:00:00.000','2026-11-20 10:00:00.400',NULL,NULL,NULL,NULL,1,0),
(386,'bbf19677-eb53-4ffc-be7a-c01bf4ef975b',15,5,'{\"kind\":\"measurement\",\"purpose\":\"final\",\"wire\":{\"value\":0.03608,\"unit\":\"in\"},\"overWires\":{\"start\":0.7494,\"middle\":0.7491,\"end\":0.7493},\"crest\":0.7442}','2026-11-20 10:08:00.000','2026-11-20 10:08:00.400',NULL,NULL,NULL,NULL,1,0),
(387,'641e4529-a87f-4436-886f-8a6102d529d9',15,5,'{\"kind\":\"note\",\"text\":\"Set 30 on the swivel scale, but ours counts from the bed. One flank came out as a staircase.\"}','2026-11-20 10:10:00.000','2026-11-20 10:10:00.400',NULL,NULL,NULL,NULL,1,0),
(388,'6c2e2c25-4ddd-45d6-ae2d-10209d9af125',15,5,'{\"kind\":\"hand-in\"}','2026-11-20 10:12:00.000','2026-11-20 10:12:00.400',NULL,NULL,NULL,NULL,1,0),
(389,'efac4827-6296-4723-8b2d-4d6919023de3',15,1,'{\"kind\":\"measurement\",\"purpose\":\"final\",\"wire\":{\"value\":0.03608,\"unit\":\"in\"},\"overWires\":{\"start\":0.749,\"middle\":0.7487,\"end\":0.7489},\"crest\":0.7441}','2026-11-20 10:52:00.000','2026-11-20 10:52:00.400',NULL,NULL,NULL,NULL,1,0),
(390,'918e4c73-8dba-49d5-abe8-501d8d3eb5ea',16,6,'{\"kind\":\"step\",\"stepId\":\"safety\",\"value\":null}','2026-11-23 08:34:00.000','2026-11-23 08:34:00.400',NULL,NULL,NULL,NULL,1,0),
(391,'3bfde091-17b0-4e20-9c9a-46e7126edcb6',16,6,'{\"kind\":\"step\",\"stepId\":\"over-wires\",\"value\":0.7606}','2026-11-23 08:38:00.000','2026-11-23 08:38:00.400',NULL,NULL,NULL,NULL,1,0),
(392,'7504cbea-93d3-41fc-9b6a-a3d9bae8cbf0',16,6,'{\"kind\":\"step\",\"stepId\":\"blank\",\"value\":0.746}','2026-11-23 08:42:00.000','2026-11-23 08:42:00.400',NULL,NULL,NULL,NULL,1,0),
(393,'52d58721-0835-45d0-b18b-45585814866a',16,6,'{\"kind\":\"step\",\"stepId\":\"run-out\",\"value\":0.6648}','2026-11-23 08:46:00.000','2026-11-23 08:46:00.400',NULL,NULL,NULL,NULL,1,0),
(394,'0cbb7872-f257-4c03-b124-ab2621e62e81',16,6,'{\"kind\":\"step\",\"stepId\":\"holding\",\"value\":null}','2026-11-23 08:50:00.000','2026-11-23 08:50:00.400',NULL,NULL,NULL,NULL,1,0),
(395,'77fa936a-9ee1-4b83-bdb5-42236e6ec2eb',16,6,'{\"kind\":\"step\",\"stepId\":\"gearing\",\"value\":16}','2026-11-23 08:54:00.000','2026-11-23 08:54:00.400',NULL,NULL,NULL,NULL,1,0),
(396,'5013b177-5a81-4bb0-abf8-2084f245b1da',16,6,'{\"kind\":\"step\",\"stepId\":\"speed\",\"value\":70}','2026-11-23 08:58:00.000','2026-11-23 08:58:00.400',NULL,NULL,NULL,NULL,1,0),
(397,'3884a79a-4906-4298-9aa6-b6d155fec78f',16,6,'{\"kind\":\"step\",\"stepId\":\"compound\",\"value\":60.7}','2026-11-23 09:02:00.000','2026-11-23 09:02:00.400',NULL,NULL,NULL,NULL,1,0),
(398,'f3f8c567-f9ed-430d-aeeb-234758ed0207',16,6,'{\"kind\":\"step\",\"stepId\":\"tip\",\"value\":0.0087}','2026-11-23 09:06:00.000','2026-11-23 09:06:00.400',NULL,NULL,NULL,NULL,1,0),
(399,'5734ad0f-2ac2-428a-ad05-6a8e8bcad3fd',16,6,'{\"kind\":\"step\",\"stepId\":\"tool-square\",\"value\":null}','2026-11-23 09:10:00.000','2026-11-23 09:10:00.400',NULL,NULL,NULL,NULL,1,0),
(400,'1f2af308-80bc-4ef6-9d93-0f6423f9d518',16,6,'{\"kind\":\"step\",\"stepId\":\"travel\",\"value\":null}','2026-11-23 09:14:00.000','2026-11-23 09:14:00.400',NULL,NULL,NULL,NULL,1,0),
(401,'27150a2d-7e35-43b1-b99e-2c0484e0d936',16,6,'{\"kind\":\"step\",\"stepId\":\"touch-off\",\"value\":null}','2026-11-23 09:18:00.000','2026-11-23 09:18:00.400',NULL,NULL,NULL,NULL,1,0),
(402,'3ae96f55-e08a-4494-929c-106cb2dcef9e',16,6,'{\"kind\":\"step\",\"stepId\":\"dry-run\",\"value\":null}','2026-11-23 09:22:00.000','2026-11-23 09:22:00.400',NULL,NULL,NULL,NULL,1,0),
(403,'e83ce81d-314f-44a2-b4ec-a79e191d9ee1',16,1,'{\"kind\":\"sign-off\",\"stepId\":\"instructor-look\"}','2026-11-23 09:28:00.000','2026-11-23 09:28:00.400',NULL,NULL,NULL,NULL,1,0),
(404,'8ae1fc7e-727a-4655-bd7b-ddce894a5020',16,6,'{\"kind\":\"pass\",\"plannedPass\":1,\"reading\":0.002,\"asPlanned\":true}','2026-11-23 09:30:00.000','2026-11-23 09:30:00.400',NULL,NULL,NULL,NULL,1,0),
(405,'c8b1ea37-4f47-41f1-acf9-a8bcbd4593ae',16,6,'{\"kind\":\"step\",\"stepId\":\"pitch-check\",\"value\":16}','2026-11-23 09:34:00.000','2026-11-23 09:34:00.400',NULL,NULL,NULL,NULL,1,0),
(406,'ac8d3283-dc70-4593-bb84-d8a5d6acc90b',16,6,'{\"kind\":\"pass\",\"plannedPass\":2,\"reading\":0.012,\"asPlanned\":true}','2026-11-23 09:36:00.000','2026-11-23 09:36:00.400',NULL,NULL,NULL,NULL,1,0),
(407,'e253b168-d79c-43b4-94d9-868f805e6222',16,6,'{\"kind\":\"pass\",\"plannedPass\":3,\"reading\":0.018,\"asPlanned\":true}','2026-11-23 09:38:00.000','2026-11-23 09:38:00.400',NULL,NULL,NULL,NULL,1,0),
(408,'4daf4388-67d2-4ea1-ae0b-47e30d33d20f',16,6,'{\"kind\":\"pass\",\"plannedPass\":4,\"reading\":0.023,\"asPlanned\":true}','2026-11-23 09:40:00.000','2026-11-23 09:40:00.400',NULL,NULL,NULL,NULL,1,0),
(409,'ea6b3928-515f-4aea-bd07-0ea68a71127e',16,6,'{\"kind\":\"pass\",\"plannedPass\":5,\"reading\":0.028,\"asPlanned\":true}','2026-11-23 09:42:00.000','2026-11-23 09:42:00.400',NULL,NULL,NULL,NULL,1,0),
(410,'278d8275-c493-43f5-b945-6c3179b333cf',16,6,'{\"kind\":\"pass\",\"plannedPass\":6,\"reading\":0.031,\"asPlanned\":true}','2026-11-23 09:44:00.000','2026-11-23 09:44:00.400',NULL,NULL,NULL,NULL,1,0),
(411,'4f8fe72e-b1dc-48f0-b94e-60d820736855',16,6,'{\"kind\":\"pass\",\"plannedPass\":7,\"reading\":0.035,\"asPlanned\":true}','2026-11-23 09:46:00.000','2026-11-23 09:46:00.400',NULL,NULL,NULL,NULL,1,0),
(412,'34e466bd-be2f-4c88-b3c8-73417ae99479',16,6,'{\"kind\":\"pass\",\"plannedPass\":8,\"reading\":0.038,\"asPlanned\":true}','2026-11-23 09:48:00.000','2026-11-23 09:48:00.400',NULL,NULL,NULL,NULL,1,0),
(413,'adcbb049-756b-4203-997b-e5d0ae5fcb74',16,6,'{\"kind\":\"pass\",\"plannedPass\":9,\"reading\":0.041,\"asPlanned\":true}','2026-11-23 09:50:00.000','2026-11-23 09:50:00.400',NULL,NULL,NULL,NULL,1,0),
(414,'602126c3-4cf1-497b-a618-c820a3f9caa0',16,6,'{\"kind\":\"pass\",\"plannedPass\":10,\"reading\":0.044,\"asPlanned\":true}','2026-11-23 09:52:00.000','2026-11-23 09:52:00.400',NULL,NULL,NULL,NULL,1,0),
(415,'04bc4695-80b2-47e0-aeaf-45af0c0e422a',16,6,'{\"kind\":\"measurement\",\"purpose\":\"mid\",\"wire\":{\"value\":0.03608,\"unit\":\"in\"},\"overWires\":{\"start\":0.7629,\"middle\":0.7627,\"end\":0.7628},\"crest\":null}','2026-11-23 09:57:00.000','2026-11-23 09:57:00.400',NULL,NULL,NULL,NULL,1,0),
(416,'b07fe920-e87c-4915-b831-34ff6432bab2',16,6,'{\"kind\":\"pass\",\"plannedPass\":11,\"reading\":0.045,\"asPlanned\":true}','2026-11-23 09:59:00.000','2026-11-23 09:59:00.400',NULL,NULL,NULL,NULL,1,0),
(417,'6bcb532f-376b-47cb-9a67-7f7d292536cf',16,6,'{\"kind\":\"pass\",\"plannedPass\":12,\"reading\":0.046,\"asPlanned\":true}','2026-11-23 10:01:00.000','2026-11-23 10:01:00.400',NULL,NULL,NULL,NULL,1,0),
(418,'1a9c89f0-1bd3-4c68-bde5-c701bb7aeb0b',16,6,'{\"kind\":\"pass\",\"plannedPass\":13,\"reading\":0.046,\"asPlanned\":true}','2026-11-23 10:03:00.000','2026-11-23 10:03:00.400',NULL,NULL,NULL,NULL,1,0),
(419,'21c3ccfd-d87f-42d9-aa8d-2d1674e0b150',16,6,'{\"kind\":\"pass\",\"plannedPass\":14,\"reading\":0.046,\"asPlanned\":true}','2026-11-23 10:05:00.000','2026-11-23 10:05:00.400',NULL,NULL,NULL,NULL,1,0),
(420,'276d203b-7852-458c-8028-76d7c36c3a06',16,6,'{\"kind\":\"measurement\",\"purpose\":\"final\",\"wire\":{\"value\":0.03608,\"unit\":\"in\"},\"overWires\":{\"start\":0.7603,\"middle\":0.7601,\"end\":0.7602},\"crest\":0.7441}','2026-11-23 10:13:00.000','2026-11-23 10:13:00.400',NULL,NULL,NULL,NULL,1,0),
(421,'cd238042-e58f-4790-87a0-ceda61b3d471',16,6,'{\"kind\":\"hand-in\"}','2026-11-23 10:15:00.000','2026-11-23 10:15:00.400',NULL,NULL,NULL,NULL,1,0),
(422,'97f2d76d-3051-41e0-b0e5-09bc1d4eccdd',17,11,'{\"kind\":\"step\",\"stepId\":\"safety\",\"value\":null}','2026-11-23 08:34:00.000','2026-11-23 08:34:00.400',NULL,NULL,NULL,NULL,1,0),
(423,'fe653f06-b71a-4ea0-af8d-406d94f564a5',17,11,'{\"kind\":\"step\",\"stepId\":\"over-wires\",\"value\":0.7605}','2026-11-23 08:38:00.000','2026-11-23 08:38:00.400',NULL,NULL,NULL,NULL,1,0),
(424,'35e71f03-dcf1-4d01-aa3d-f833acce6687',17,11,'{\"kind\":\"step\",\"stepId\":\"blank\",\"value\":0.7458}','2026-11-23 08:42:00.000','2026-11-23 08:42:00.400',NULL,NULL,NULL,NULL,1,0),
(425,'b8112417-c879-4173-b2f3-20895d722c5d',17,11,'{\"kind\":\"step\",\"stepId\":\"run-out\",\"value\":0.6648}','2026-11-23 08:46:00.000','2026-11-23 08:46:00.400',NULL,NULL,NULL,NULL,1,0),
(426,'143c6c65-5212-4b81-aec6-095ea06f0cab',17,11,'{\"kind\":\"step\",\"stepId\":\"holding\",\"value\":null}','2026-11-23 08:50:00.000','2026-11-23 08:50:00.400',NULL,NULL,NULL,NULL,1,0),
(427,'841af231-65b9-4c17-af43-874dcb1ea178',17,11,'{\"kind\":\"step\",\"stepId\":\"gearing\",\"value\":16}','2026-11-23 08:54:00.000','2026-11-23 08:54:00.400',NULL,NULL,NULL,NULL,1,0),
(428,'351180a5-89ff-413b-b375-75ef60fb1af1',17,11,'{\"kind\":\"step\",\"stepId\":\"speed\",\"value\":70}','2026-11-23 08:58:00.000','2026-11-23 08:58:00.400',NULL,NULL,NULL,NULL,1,0),
(429,'d50ea479-d144-4d1f-8b9e-2a7b6b0eecfb',17,11,'{\"kind\":\"step\",\"stepId\":\"compound\",\"value\":60.7}','2026-11-23 09:02:00.000','2026-11-23 09:02:00.400',NULL,NULL,NULL,NULL,1,0),
(430,'a1a76dec-01cc-4026-8a75-088f181c7293',17,11,'{\"kind\":\"step\",\"stepId\":\"tip\",\"value\":0.0086}','2026-11-23 09:06:00.000','2026-11-23 09:06:00.400',NULL,NULL,NULL,NULL,1,0),
(431,'a03bfa1c-dcb0-44c7-89d4-4cdef65b7f18',17,11,'{\"kind\":\"step\",\"stepId\":\"tool-square\",\"value\":null}','2026-11-23 09:10:00.000','2026-11-23 09:10:00.400',NULL,NULL,NULL,NULL,1,0),
(432,'f182bbf5-3511-493d-b9b8-ebf9654f8f2d',17,11,'{\"kind\":\"step\",\"stepId\":\"travel\",\"value\":null}','2026-11-23 09:14:00.000','2026-11-23 09:14:00.400',NULL,NULL,NULL,NULL,1,0),
(433,'5da38a83-2a1e-4d08-8d02-a5a90a2e4aaf',17,11,'{\"kind\":\"step\",\"stepId\":\"touch-off\",\"value\":null}','2026-11-23 09:18:00.000','2026-11-23 09:18:00.400',NULL,NULL,NULL,NULL,1,0),
(434,'b61fb7e2-e941-48ea-b9c9-7a36adc00b6e',17,11,'{\"kind\":\"step\",\"stepId\":\"dry-run\",\"value\":null}','2026-11-23 09:22:00.000','2026-11-23 09:22:00.400',NULL,NULL,NULL,NULL,1,0),
(435,'2f778897-f3f1-4687-8f5f-eab7c7bd807c',17,1,'{\"kind\":\"sign-off\",\"stepId\":\"instructor-look\"}','2026-11-23 09:28:00.000','2026-11-23 09:28:00.400',NULL,NULL,NULL,NULL,1,0),
(436,'682f930c-f389-40de-810c-92750bf9aa32',17,11,'{\"kind\":\"pass\",\"plannedPass\":1,\"reading\":0.002,\"asPlanned\":true}','2026-11-23 09:30:00.000','2026-11-23 09:30:00.400',NULL,NULL,NULL,NULL,1,0),
(437,'6ee7c88c-3c27-4031-9781-3139b5638f12',17,11,'{\"kind\":\"step\",\"stepId\":\"pitch-check\",\"value\":16}','2026-11-23 09:34:00.000','2026-11-23 09:34:00.400',NULL,NULL,NULL,NULL,1,0),
(438,'667e134e-704b-4e6b-b639-a388d35db84c',17,11,'{\"kind\":\"pass\",\"plannedPass\":2,\"reading\":0.012,\"asPlanned\":true}','2026-11-23 09:36:00.000','2026-11-23 09:36:00.400',NULL,NULL,NULL,NULL,1,0),
(439,'43ce3d1c-1c53-4765-9f59-6720caddd6f9',17,11,'{\"kind\":\"pass\",\"plannedPass\":3,\"reading\":0.018,\"asPlanned\":true}','2026-11-23 09:38:00.000','2026-11-23 09:38:00.400',NULL,NULL,NULL,NULL,1,0),
(440,'2f525541-65f0-4476-8029-f1298932a819',17,11,'{\"kind\":\"pass\",\"plannedPass\":4,\"reading\":0.023,\"asPlanned\":true}','2026-11-23 09:40:00.000','2026-11-23 09:40:00.400',NULL,NULL,NULL,NULL,1,0),
(441,'29c3d5c5-ef58-44cf-b6c0-38e01e21e65a',17,11,'{\"kind\":\"pass\",\"plannedPass\":5,\"reading\":0.028,\"asPlanned\":true}','2026-11-23 09:42:00.000','2026-11-23 09:42:00.400',NULL,NULL,NULL,NULL,1,0),
(442,'09c58942-5976-41e9-bd66-a0d8ef67d712',17,11,'{\"kind\":\"pass\",\"plannedPass\":6,\"reading\":0.031,\"asPlanned\":true}','2026-11-23 09:44:00.000','2026-11-23 09:44:00.400',NULL,NULL,NULL,NULL,1,0),
(443,'c0f7cac3-0ef6-4197-b526-3d959b988cc1',17,11,'{\"kind\":\"pass\",\"plannedPass\":7,\"reading\":0.035,\"asPlanned\":true}','2026-11-23 09:46:00.000','2026-11-23 09:46:00.400',NULL,NULL,NULL,NULL,1,0),
(444,'b0833639-3b90-4563-8a62-16e0d1749723',17,11,'{\"kind\":\"pass\",\"plannedPass\":8,\"reading\":0.038,\"asPlanned\":true}','2026-11-23 09:48:00.000','2026-11-23 09:48:00.400',NULL,NULL,NULL,NULL,1,0),
(445,'70ba4fd9-5bb0-4c3e-8521-bce5433fd038',17,11,'{\"kind\":\"pass\",\"plannedPass\":9,\"reading\":0.041,\"asPlanned\":true}','2026-11-23 09:50:00.000','2026-11-23 09:50:00.400',NULL,NULL,NULL,NULL,1,0),
(446,'6a32b3e4-5448-4634-b589-218b84bf0262',17,11,'{\"kind\":\"pass\",\"plannedPass\":10,\"reading\":0.044,\"asPlanned\":true}','2026-11-23 09:52:00.000','2026-11-23 09:52:00.400',NULL,NULL,NULL,NULL,1,0),
(447,'a55603b9-2df3-43f5-99d7-d3fb97fb8009',17,11,'{\"kind\":\"measurement\",\"purpose\":\"mid\",\"wire\":{\"value\":0.03608,\"unit\":\"in\"},\"overWires\":{\"start\":0.7629,\"middle\":0.7626,\"end\":0.7628},\"crest\":null}','2026-11-23 09:57:00.000','2026-11-23 09:57:00.400',NULL,NULL,NULL,NULL,1,0),
(448,'5bdee88d-ca3f-4b11-91ac-2f620e5a5e37',17,11,'{\"kind\":\"pass\",\"plannedPass\":11,\"reading\":0.045,\"asPlanned\":true}','2026-11-23 09:59:00.000','2026-11-23 09:59:00.400',NULL,NULL,NULL,NULL,1,0),
(449,'bab2cf6e-d53d-4bbd-8e13-8c236dc20cfc',17,11,'{\"kind\":\"pass\",\"plannedPass\":12,\"reading\":0.046,\"asPlanned\":true}','2026-11-23 10:01:00.000','2026-11-23 10:01:00.400',NULL,NULL,NULL,NULL,1,0),
(450,'f0277936-404d-49d9-b12d-0c6505073fea',17,11,'{\"kind\":\"pass\",\"plannedPass\":13,\"reading\":0.046,\"asPlanned\":true}','2026-11-23 10:03:00.000','2026-11-23 10:03:00.400',NULL,NULL,NULL,NULL,1,0),
(451,'d6956302-7987-4d07-8746-af6f161842b5',17,11,'{\"kind\":\"pass\",\"plannedPass\":14,\"reading\":0.046,\"asPlanned\":true}','2026-11-23 10:05:00.000','2026-11-23 10:05:00.400',NULL,NULL,NULL,NULL,1,0),
(452,'ce8e6683-cf3a-4e55-b98c-aad2840724b5',17,11,'{\"kind\":\"measurement\",\"purpose\":\"final\",\"wire\":{\"value\":0.03608,\"unit\":\"in\"},\"overWires\":{\"start\":0.7603,\"middle\":0.76,\"end\":0.7601},\"crest\":0.7441}','2026-11-23 10:13:00.000','2026-11-23 10:13:00.400',NULL,NULL,NULL,NULL,1,0),
(453,'8249ac1a-a6d3-4157-8d8b-cb9e7064c2af',18,12,'{\"kind\":\"step\",\"stepId\":\"safety\",\"value\":null}','2026-11-25 13:08:19.551','2026-11-25 13:08:19.951',NULL,NULL,NULL,NULL,1,0),
(454,'d60bd09b-9883-4a48-90a7-0034ed6ac697',18,12,'{\"kind\":\"step\",\"stepId\":\"over-wires\",\"value\":0.7603}','2026-11-25 13:12:19.551','2026-11-25 13:12:19.951',NULL,NULL,NULL,NULL,1,0),
(455,'2748633b-e62a-47fc-9293-4f6dfec3c99d',18,12,'{\"kind\":\"step\",\"stepId\":\"blank\",\"value\":0.7455}','2026-11-25 13:16:19.551','2026-11-25 13:16:19.951',NULL,NULL,NULL,NULL,1,0),
(456,'731cf513-fe83-440d-b864-5602db8ac03d',18,12,'{\"kind\":\"step\",\"stepId\":\"run-out\",\"value\":0.6648}','2026-11-25 13:20:19.551','2026-11-25 13:20:19.951',NULL,NULL,NULL,NULL,1,0),
(457,'53483d05-2674-4ea5-a175-3a3e8998b795',18,12,'{\"kind\":\"step\",\"stepId\":\"holding\",\"value\":null}','2026-11-25 13:24:19.551','2026-11-25 13:24:19.951',NULL,NULL,NULL,NULL,1,0),
(458,'eb794fee-fdd9-4d3f-a7d9-929306ca9406',18,12,'{\"kind\":\"step\",\"stepId\":\"gearing\",\"value\":16}','2026-11-25 13:28:19.551','2026-11-25 13:28:19.951',NULL,NULL,NULL,NULL,1,0),
(459,'f7a2fcf6-62c4-4629-9983-a4abc91d013b',18,12,'{\"kind\":\"step\",\"stepId\":\"speed\",\"value\":70}','2026-11-25 13:32:19.551','2026-11-25 13:32:19.951',NULL,NULL,NULL,NULL,1,0),
(460,'c13ab18b-3e82-42b0-8a02-8b9861080090',18,12,'{\"kind\":\"step\",\"stepId\":\"compound\",\"value\":60.7}','2026-11-25 13:36:19.551','2026-11-25 13:36:19.951',NULL,NULL,NULL,NULL,1,0),
(461,'d12c136f-487e-4133-8289-3169ca76dd4e',18,12,'{\"kind\":\"step\",\"stepId\":\"tip\",\"value\":0.0085}','2026-11-25 13:40:19.551','2026-11-25 13:40:19.951',NULL,NULL,NULL,NULL,1,0),
(462,'44736e40-845b-4138-a76d-716783655931',18,12,'{\"kind\":\"step\",\"stepId\":\"tool-square\",\"value\":null}','2026-11-25 13:44:19.551','2026-11-25 13:44:19.951',NULL,NULL,NULL,NULL,1,0),
(463,'770132de-b7be-46ab-ac64-424ea72314f0',18,12,'{\"kind\":\"step\",\"stepId\":\"travel\",\"value\":null}','2026-11-25 13:48:19.551','2026-11-25 13:48:19.951',NULL,NULL,NULL,NULL,1,0),
(464,'8f19c98c-e3f4-40e7-8ceb-bdec035085de',18,12,'{\"kind\":\"step\",\"stepId\":\"touch-off\",\"value\":null}','2026-11-25 13:52:19.551','2026-11-25 13:52:19.951',NULL,NULL,NULL,NULL,1,0),
(465,'b688c3cb-f331-45be-9b35-1af67048047c',18,12,'{\"kind\":\"step\",\"stepId\":\"dry-run\",\"value\":null}','2026-11-25 13:56:19.551','2026-11-25 13:56:19.951',NULL,NULL,NULL,NULL,1,0),
(466,'ed4dc1b1-570b-4b0d-98b2-eb565b12b596',18,1,'{\"kind\":\"sign-off\",\"stepId\":\"instructor-look\"}','2026-11-25 14:02:19.551','2026-11-25 14:02:19.951',NULL,NULL,NULL,NULL,1,0),
(467,'1fea4cb7-6001-4c38-8711-9dd54f7a0c92',18,12,'{\"kind\":\"pass\",\"plannedPass\":1,\"reading\":0.002,\"asPlanned\":true}','2026-11-25 14:04:19.551','2026-11-25 14:04:19.951',NULL,NULL,NULL,NULL,1,0),
(468,'77ae20b3-99f4-4cdd-8e98-f001f0083033',18,12,'{\"kind\":\"step\",\"stepId\":\"pitch-check\",\"value\":16}','2026-11-25 14:08:19.551','2026-11-25 14:08:19.951',NULL,NULL,NULL,NULL,1,0),
(469,'ca4e069d-96c2-4074-a119-5c96d0f9141c',18,12,'{\"kind\":\"pass\",\"plannedPass\":2,\"reading\":0.012,\"asPlanned\":true}','2026-11-25 14:10:19.551','2026-11-25 14:10:19.951',NULL,NULL,NULL,NULL,1,0),
(470,'b0bdf5b9-5f6e-4575-ae47-92b73346c2b6',18,12,'{\"kind\":\"pass\",\"plannedPass\":3,\"reading\":0.018,\"asPlanned\":true}','2026-11-25 14:12:19.551','2026-11-25 14:12:19.951',NULL,NULL,NULL,NULL,1,0),
(471,'4fc03c93-f411-4ebe-a003-91e94e909438',19,13,'{\"kind\":\"step\",\"stepId\":\"safety\",\"value\":null}','2026-11-25 13:08:19.551','2026-11-25 13:08:19.951',NULL,NULL,NULL,NULL,1,0),
(472,'656da4ba-8e1b-4d79-9aad-75b3b6442949',19,13,'{\"kind\":\"step\",\"stepId\":\"over-wires\",\"value\":0.7602}','2026-11-25 13:12:19.551','2026-11-25 13:12:19.951',NULL,NULL,NULL,NULL,1,0),
(473,'36d7211c-8e4b-4b2b-9215-c4908351fad7',19,13,'{\"kind\":\"step\",\"stepId\":\"blank\",\"value\":0.7453}','2026-11-25 13:16:19.551','2026-11-25 13:16:19.951',NULL,NULL,NULL,NULL,1,0),
(474,'2701aa6c-a71f-4837-8f3c-fa1c05b6a2f2',19,13,'{\"kind\":\"step\",\"stepId\":\"run-out\",\"value\":0.6648}','2026-11-25 13:20:19.551','2026-11-25 13:20:19.951',NULL,NULL,NULL,NULL,1,0),
(475,'81c8f332-4ff9-4da0-9731-6aa2f6ae2e1e',22,2,'{\"kind\":\"step\",\"stepId\":\"safety\",\"value\":null}','2026-11-24 08:34:00.000','2026-11-24 08:34:00.400',NULL,NULL,NULL,NULL,1,0),
(476,'868e46f4-a009-4480-a083-09d32be9e8b0',22,2,'{\"kind\":\"step\",\"stepId\":\"over-wires\",\"value\":0.3819}','2026-11-24 08:38:00.000','2026-11-24 08:38:00.400',NULL,NULL,NULL,NULL,1,0),
(477,'fe4cdf56-ac3f-4476-b462-03fec83cca3f',22,2,'{\"kind\":\"step\",\"stepId\":\"blank\",\"value\":0.3696}','2026-11-24 08:42:00.000','2026-11-24 08:42:00.400',NULL,NULL,NULL,NULL,1,0),
(478,'7e001d0a-1c2c-499b-8075-4794e385f709',22,2,'{\"kind\":\"step\",\"stepId\":\"run-out\",\"value\":0.3104}','2026-11-24 08:46:00.000','2026-11-24 08:46:00.400',NULL,NULL,NULL,NULL,1,0),
(479,'b75e2016-ffcc-4487-ac4b-c7b7559a0d69',22,2,'{\"kind\":\"step\",\"stepId\":\"holding\",\"value\":null}','2026-11-24 08:50:00.000','2026-11-24 08:50:00.400',NULL,NULL,NULL,NULL,1,0),
(480,'6cd6bca5-e32a-4e6c-9c2a-5081624d05f2',22,2,'{\"kind\":\"step\",\"stepId\":\"gearing\",\"value\":24}','2026-11-24 08:54:00.000','2026-11-24 08:54:00.400',NULL,NULL,NULL,NULL,1,0),
(481,'e46e830e-787c-470f-affb-d0bbd2d8c2cf',22,2,'{\"kind\":\"step\",\"stepId\":\"speed\",\"value\":100}','2026-11-24 08:58:00.000','2026-11-24 08:58:00.400',NULL,NULL,NULL,NULL,1,0),
(482,'3e6d5948-27ba-402e-a3fd-17633059db14',22,2,'{\"kind\":\"step\",\"stepId\":\"compound\",\"value\":28.8}','2026-11-24 09:02:00.000','2026-11-24 09:02:00.400',NULL,NULL,NULL,NULL,1,0),
(483,'88e82204-87ad-4531-a844-93917d7b53c9',22,2,'{\"kind\":\"step\",\"stepId\":\"tip\",\"value\":null}','2026-11-24 09:06:00.000','2026-11-24 09:06:00.400',NULL,NULL,NULL,NULL,1,0),
(484,'52e097ac-8b29-47ac-9f21-b627800fa277',22,2,'{\"kind\":\"step\",\"stepId\":\"tool-square\",\"value\":null}','2026-11-24 09:10:00.000','2026-11-24 09:10:00.400',NULL,NULL,NULL,NULL,1,0),
(485,'1cfde51e-e7a5-4765-b275-6ffe85c9ab9f',22,2,'{\"kind\":\"step\",\"stepId\":\"travel\",\"value\":null}','2026-11-24 09:14:00.000','2026-11-24 09:14:00.400',NULL,NULL,NULL,NULL,1,0),
(486,'9a936fc1-384f-44a6-b9e6-fc2fe39e0b44',22,2,'{\"kind\":\"step\",\"stepId\":\"touch-off\",\"value\":null}','2026-11-24 09:18:00.000','2026-11-24 09:18:00.400',NULL,NULL,NULL,NULL,1,0),
(487,'a3a5973d-7657-4b9b-98ee-e1a981cc182b',22,2,'{\"kind\":\"step\",\"stepId\":\"dry-run\",\"value\":null}','2026-11-24 09:22:00.000','2026-11-24 09:22:00.400',NULL,NULL,NULL,NULL,1,0),
(488,'32f0c513-0221-4d05-ac4b-d8e4f13e0410',22,1,'{\"kind\":\"sign-off\",\"stepId\":\"instructor-look\"}','2026-11-24 09:28:00.000','2026-11-24 09:28:00.400',NULL,NULL,NULL,NULL,1,0),
(489,'9e922a12-d1d3-45aa-af28-c79e4f503a9d',22,2,'{\"kind\":\"pass\",\"plannedPass\":1,\"reading\":0.002,\"asPlanned\":true}','2026-11-24 09:30:00.000','2026-11-24 09:30:00.400',NULL,NULL,NULL,NULL,1,0),
(490,'a2e33fb9-8dc5-4cc0-9bc7-d8578ffaef3d',22,2,'{\"kind\":\"step\",\"stepId\":\"pitch-check\",\"value\":24}','2026-11-24 09:34:00.000','2026-11-24 09:34:00.400',NULL,NULL,NULL,NULL,1,0),
(491,'afe519bd-ca8a-4f13-9a75-234fbb66fe7d',22,2,'{\"kind\":\"pass\",\"plannedPass\":2,\"reading\":0.015,\"asPlanned\":true}','2026-11-24 09:36:00.000','2026-11-24 09:36:00.400',NULL,NULL,NULL,NULL,1,0),
(492,'f2b651ce-570b-4e0f-805c-aca7e9c56efe',22,2,'{\"kind\":\"pass\",\"plannedPass\":3,\"reading\":0.021,\"asPlanned\":true}','2026-11-24 09:38:00.000','2026-11-24 09:38:00.400',NULL,NULL,NULL,NULL,1,0),
(493,'abf2fcf2-b01f-40d7-9b8c-0df5f3725a35',22,2,'{\"kind\":\"pass\",\"plannedPass\":4,\"reading\":0.026,\"asPlanned\":true}','2026-11-24 09:40:00.000','2026-11-24 09:40:00.400',NULL,NULL,NULL,NULL,1,0),
(494,'c793cad2-d724-48ce-91bd-c6d3bd14f96e',22,2,'{\"kind\":\"pass\",\"plannedPass\":5,\"reading\":0.03,\"asPlanned\":true}','2026-11-24 09:42:00.000','2026-11-24 09:42:00.400',NULL,NULL,NULL,NULL,1,0),
(495,'71aecefb-211d-4db5-bae5-cd7d2797e4ec',22,2,'{\"kind\":\"pass\",\"plannedPass\":6,\"reading\":0.033,\"asPlanned\":true}','2026-11-24 09:44:00.000','2026-11-24 09:44:00.400',NULL,NULL,NULL,NULL,1,0),
(496,'60ba0b30-fc15-4a01-bc46-4333f54dddd3',22,2,'{\"kind\":\"measurement\",\"purpose\":\"mid\",\"wire\":{\"value\":0.02406,\"unit\":\"in\"},\"overWires\":{\"start\":0.3857,\"middle\":0.3855,\"end\":0.3856},\"crest\":null}','2026-11-24 09:49:00.000','2026-11-24 09:49:00.400',NULL,NULL,NULL,NULL,1,0),
(497,'ba70bda8-754d-47a3-9ca6-eb95ca83ee41',22,2,'{\"kind\":\"pass\",\"plannedPass\":7,\"reading\":0.034,\"asPlanned\":true}','2026-11-24 09:51:00.000','2026-11-24 09:51:00.400',NULL,NULL,NULL,NULL,1,0),
(498,'5c996e9a-8887-49ee-890c-768cc7d40d85',22,2,'{\"kind\":\"pass\",\"plannedPass\":8,\"reading\":0.035,\"asPlanned\":true}','2026-11-24 09:53:00.000','2026-11-24 09:53:00.400',NULL,NULL,NULL,NULL,1,0),
(499,'b9bd087a-aa89-4531-9b89-65537ca45572',22,2,'{\"kind\":\"pass\",\"plannedPass\":9,\"reading\":0.035,\"asPlanned\":true}','2026-11-24 09:55:00.000','2026-11-24 09:55:00.400',NULL,NULL,NULL,NULL,1,0),
(500,'8516d94b-8243-41de-9154-73ce6ec2937a',22,2,'{\"kind\":\"pass\",\"plannedPass\":10,\"reading\":0.035,\"asPlanned\":true}','2026-11-24 09:57:00.000','2026-11-24 09:57:00.400',NULL,NULL,NULL,NULL,1,0),
(501,'2b1ba3c4-ae77-4081-989c-dc49ac8080f0',22,2,'{\"kind\":\"measurement\",\"purpose\":\"final\",\"wire\":{\"value\":0.02406,\"unit\":\"in\"},\"overWires\":{\"start\":0.3824,\"middle\":0.3823,\"end\":0.3823},\"crest\":0.3713}','2026-11-24 10:05:00.000','2026-11-24 10:05:00.400',NULL,NULL,NULL,NULL,1,0),
(502,'57fcd612-f537-405f-b4cb-1e9c20ea140d',22,2,'{\"kind\":\"hand-in\"}','2026-11-24 10:07:00.000','2026-11-24 10:07:00.400',NULL,NULL,NULL,NULL,1,0),
(503,'5af96706-4d7a-4bc3-9705-6fed641af0d5',25,2,'{\"kind\":\"step\",\"stepId\":\"safety\",\"value\":null}','2026-09-03 08:01:00.000','2026-11-25 15:55:00.457',NULL,NULL,NULL,NULL,1,0),
(504,'439facf3-3688-4559-8319-b9a6a8c474dd',25,2,'{\"kind\":\"step\",\"stepId\":\"over-wires\",\"value\":0.8389}','2026-09-03 08:02:00.000','2026-11-25 15:55:00.480',NULL,NULL,NULL,NULL,1,0),
(505,'5acfca0f-46ef-4f0e-9d4f-380610679a4a',25,2,'{\"kind\":\"step\",\"stepId\":\"blank\",\"value\":0.7665}','2026-09-03 08:03:00.000','2026-11-25 15:55:00.504',NULL,NULL,NULL,NULL,1,0),
(506,'8ecee0f4-0296-4991-94c6-a672ac125a12',25,2,'{\"kind\":\"step\",\"stepId\":\"run-out\",\"value\":0.8845}','2026-09-03 08:04:00.000','2026-11-25 15:55:00.528',NULL,NULL,NULL,NULL,1,0),
(507,'76fef5b8-524e-4c02-88dc-9138d9d98016',25,2,'{\"kind\":\"step\",\"stepId\":\"holding\",\"value\":null}','2026-09-03 08:05:00.000','2026-11-25 15:55:00.553',NULL,NULL,NULL,NULL,1,0),
(508,'3648ef5e-6c13-4e5d-8a7a-271f42dff88f',25,2,'{\"kind\":\"step\",\"stepId\":\"gearing\",\"value\":9}','2026-09-03 08:06:00.000','2026-11-25 15:55:00.575',NULL,NULL,NULL,NULL,1,0),
(509,'276798d1-3ff8-4d6c-9dd5-918b99f645b5',25,2,'{\"kind\":\"step\",\"stepId\":\"speed\",\"value\":70}','2026-09-03 08:07:00.000','2026-11-25 15:55:00.600',NULL,NULL,NULL,NULL,1,0),
(510,'34ed77c5-b18a-47a6-a354-50cc1864c387',25,2,'{\"kind\":\"step\",\"stepId\":\"compound\",\"value\":29.5}','2026-09-03 08:08:00.000','2026-11-25 15:55:00.618',NULL,NULL,NULL,NULL,1,0),
(511,'03a83311-f1b9-4993-9bda-9576c5e1954d',25,2,'{\"kind\":\"step\",\"stepId\":\"tip\",\"value\":null}','2026-09-03 08:09:00.000','2026-11-25 15:55:00.642',NULL,NULL,NULL,NULL,1,0),
(512,'48c36504-3fb4-4ad2-8ed5-3a10f965b413',25,2,'{\"kind\":\"step\",\"stepId\":\"tool-square\",\"value\":null}','2026-09-03 08:10:00.000','2026-11-25 15:55:00.660',NULL,NULL,NULL,NULL,1,0),
(513,'b8f06240-fe53-4d36-b17b-a905268b71e5',25,2,'{\"kind\":\"step\",\"stepId\":\"travel\",\"value\":null}','2026-09-03 08:11:00.000','2026-11-25 15:55:00.681',NULL,NULL,NULL,NULL,1,0),
(514,'9bbf966a-5ef8-46bb-ae8d-af0ca695e907',25,2,'{\"kind\":\"step\",\"stepId\":\"touch-off\",\"value\":null}','2026-09-03 08:12:00.000','2026-11-25 15:55:00.702',NULL,NULL,NULL,NULL,1,0),
(515,'5b72905f-51a5-49f0-b3ed-4889cd1f134d',25,2,'{\"kind\":\"step\",\"stepId\":\"dry-run\",\"value\":null}','2026-09-03 08:13:00.000','2026-11-25 15:55:00.727',NULL,NULL,NULL,NULL,1,0),
(516,'2b063577-20ea-4746-90d9-5750692835f9',25,1,'{\"kind\":\"sign-off\",\"stepId\":\"instructor-look\"}','2026-09-03 08:14:00.000','2026-11-25 15:55:00.749',NULL,NULL,NULL,NULL,1,0),
(517,'5eb429eb-3b5f-4719-a642-5c2f8f0633fa',25,2,'{\"kind\":\"pass\",\"plannedPass\":1,\"reading\":0.002,\"asPlanned\":true}','2026-09-03 08:15:00.000','2026-11-25 15:55:00.776',NULL,NULL,NULL,NULL,1,0),
(518,'01ae6ad7-a41d-40ac-8d94-c1e2e1944b9a',25,2,'{\"kind\":\"step\",\"stepId\":\"pitch-check\",\"value\":9}','2026-09-03 08:16:00.000','2026-11-25 15:55:00.800',NULL,NULL,NULL,NULL,1,0),
(519,'19810a1d-dc3e-43dd-886f-f3cd8eb5c072',25,2,'{\"kind\":\"pass\",\"plannedPass\":2,\"reading\":0.014,\"asPlanned\":true}','2026-09-03 08:17:00.000','2026-11-25 15:55:00.823',NULL,NULL,NULL,NULL,1,0),
(520,'d2303e41-091c-46c2-b0c6-acab95a0ba6d',25,2,'{\"kind\":\"pass\",\"plannedPass\":3,\"reading\":0.022,\"asPlanned\":true}','2026-09-03 08:18:00.000','2026-11-25 15:55:00.852',NULL,NULL,NULL,NULL,1,0),
(521,'cdba4149-902f-4f54-84f5-40c140656f36',25,2,'{\"kind\":\"pass\",\"plannedPass\":4,\"reading\":0.028,\"asPlanned\":true}','2026-09-03 08:19:00.000','2026-11-25 15:55:00.880',NULL,NULL,NULL,NULL,1,0),
(522,'bb6db0ba-1bdd-445a-86e5-10292f3e1b3f',25,2,'{\"kind\":\"note\",\"text\":\"Coolant hose moved away, Ana Brandt\"}','2026-09-03 08:20:00.000','2026-11-25 15:55:00.903',NULL,NULL,NULL,NULL,1,0),
(523,'b53e172f-8a19-40d6-8e8f-56cce3340bf8',25,2,'{\"kind\":\"pass\",\"plannedPass\":5,\"reading\":0.033,\"asPlanned\":true}','2026-09-03 08:21:00.000','2026-11-25 15:55:00.921',NULL,NULL,NULL,NULL,1,0),
(524,'ae6464d3-6de5-4162-98f6-0aa270bf2b98',25,2,'{\"kind\":\"pass\",\"plannedPass\":6,\"reading\":0.038,\"asPlanned\":true}','2026-09-03 08:22:00.000','2026-11-25 15:55:00.941',NULL,NULL,NULL,NULL,1,0),
(525,'176ad907-334d-4603-a284-41a715f8450e',25,2,'{\"kind\":\"pass\",\"plannedPass\":7,\"reading\":0.042,\"asPlanned\":true}','2026-09-03 08:23:00.000','2026-11-25 15:55:00.958',NULL,NULL,NULL,NULL,1,0),
(526,'0cdafe60-a472-44cc-8586-937c3ef90478',25,2,'{\"kind\":\"pass\",\"plannedPass\":8,\"reading\":0.046,\"asPlanned\":true}','2026-09-03 08:24:00.000','2026-11-25 15:55:00.978',NULL,NULL,NULL,NULL,1,0),
(527,'a71dcaee-a8a6-40a8-874f-7f73e2e45ef4',25,2,'{\"kind\":\"pass\",\"plannedPass\":9,\"reading\":0.05,\"asPlanned\":true}','2026-09-03 08:25:00.000','2026-11-25 15:55:01.004',NULL,NULL,NULL,NULL,1,0),
(528,'5f2e154f-33f7-4b6f-8014-e2418e5f266d',25,2,'{\"kind\":\"pass\",\"plannedPass\":10,\"reading\":0.054,\"asPlanned\":true}','2026-09-03 08:26:00.000','2026-11-25 15:55:01.034',NULL,NULL,NULL,NULL,1,0),
(529,'4d144998-3382-4779-81a6-f90a2c3db5d4',25,2,'{\"kind\":\"pass\",\"plannedPass\":11,\"reading\":0.057,\"asPlanned\":true}','2026-09-03 08:27:00.000','2026-11-25 15:55:01.061',NULL,NULL,NULL,NULL,1,0),
(530,'55b88c2c-7339-48b0-9b8f-dbabe2612d72',25,2,'{\"kind\":\"pass\",\"plannedPass\":12,\"reading\":0.06,\"asPlanned\":true}','2026-09-03 08:28:00.000','2026-11-25 15:55:01.080',NULL,NULL,NULL,NULL,1,0),
(531,'49011d5c-49d5-4fb1-9f94-5804978bf4bc',25,2,'{\"kind\":\"pass\",\"plannedPass\":13,\"reading\":0.063,\"asPlanned\":true}','2026-09-03 08:29:00.000','2026-11-25 15:55:01.097',NULL,NULL,NULL,NULL,1,0),
(532,'b69fbfbd-09c2-4c21-a16b-15c055c5b003',25,2,'{\"kind\":\"pass\",\"plannedPass\":14,\"reading\":0.066,\"asPlanned\":true}','2026-09-03 08:30:00.000','2026-11-25 15:55:01.114',NULL,NULL,NULL,NULL,1,0),
(533,'205ba247-f24b-456c-a4bf-7c0a452b66ac',25,2,'{\"kind\":\"pass\",\"plannedPass\":15,\"reading\":0.067,\"asPlanned\":true}','2026-09-03 08:31:00.000','2026-11-25 15:55:01.136',NULL,NULL,NULL,NULL,1,0),
(534,'b328968e-94eb-4d07-8b73-0633b2b7276e',25,2,'{\"kind\":\"pass\",\"plannedPass\":16,\"reading\":0.068,\"asPlanned\":true}','2026-09-03 08:32:00.000','2026-11-25 15:55:01.158',NULL,NULL,NULL,NULL,1,0),
(535,'7d2d13bb-4fe9-4c4d-a6f5-579e568a998b',25,2,'{\"kind\":\"pass\",\"plannedPass\":17,\"reading\":0.068,\"asPlanned\":true}','2026-09-03 08:33:00.000','2026-11-25 15:55:01.179',NULL,NULL,NULL,NULL,1,0),
(536,'edc4bb07-810a-4494-b856-70cddc61df7b',25,2,'{\"kind\":\"pass\",\"plannedPass\":18,\"reading\":0.068,\"asPlanned\":true}','2026-09-03 08:34:00.000','2026-11-25 15:55:01.198',NULL,NULL,NULL,NULL,1,0),
(537,'5ad08380-30ef-428e-a03e-31931dd9bdbc',25,2,'{\"kind\":\"measurement\",\"purpose\":\"final\",\"wire\":{\"value\":0.06415,\"unit\":\"in\"},\"overWires\":{\"start\":0.8389,\"middle\":0.8391,\"end\":0.8387},\"crest\":0.7665}','2026-09-03 08:35:00.000','2026-11-25 15:55:01.224',NULL,NULL,NULL,NULL,1,0),
(538,'196c5bb2-10b9-4532-be27-d37b3846f2e2',25,2,'{\"kind\":\"hand-in\"}','2026-09-03 08:36:00.000','2026-11-25 15:55:01.239',NULL,NULL,NULL,NULL,1,0),
(539,'818165ea-359e-4497-adf5-bd702ff34406',26,3,'{\"kind\":\"step\",\"stepId\":\"over-wires\",\"value\":0.8389}','2026-09-03 08:37:00.000','2026-11-25 15:55:01.318',NULL,NULL,NULL,NULL,1,0),
(540,'a7ed0c49-c742-4ce7-a49c-e2029784dd64',26,3,'{\"kind\":\"step\",\"stepId\":\"blank\",\"value\":0.7665}','2026-09-03 08:38:00.000','2026-11-25 15:55:01.339',NULL,NULL,NULL,NULL,1,0),
(541,'a5d9e697-4202-45e0-9b49-cc0c218c4b89',26,3,'{\"kind\":\"step\",\"stepId\":\"run-out\",\"value\":0.8845}','2026-09-03 08:39:00.000','2026-11-25 15:55:01.354',NULL,NULL,NULL,NULL,1,0),
(542,'ecbdc315-5e1d-47de-bd6c-68c248b09697',26,3,'{\"kind\":\"step\",\"stepId\":\"holding\",\"value\":null}','2026-09-03 08:40:00.000','2026-11-25 15:55:01.380',NULL,NULL,NULL,NULL,1,0),
(543,'1862903f-44c1-4395-ae67-174d023ff9df',26,3,'{\"kind\":\"step\",\"stepId\":\"gearing\",\"value\":9}','2026-09-03 08:41:00.000','2026-11-25 15:55:01.395',NULL,NULL,NULL,NULL,1,0),
(544,'0ef6cc5b-78a0-48aa-99fa-2eef29d74cf8',26,3,'{\"kind\":\"step\",\"stepId\":\"speed\",\"value\":70}','2026-09-03 08:42:00.000','2026-11-25 15:55:01.411',NULL,NULL,NULL,NULL,1,0),
(545,'a9ba4651-80da-4fbe-8b45-98394e78c212',26,3,'{\"kind\":\"step\",\"stepId\":\"compound\",\"value\":29.5}','2026-09-03 08:43:00.000','2026-11-25 15:55:01.426',NULL,NULL,NULL,NULL,1,0),
(546,'bcbe19b8-a59e-45d1-841b-409e662f07ee',26,3,'{\"kind\":\"step\",\"stepId\":\"tip\",\"value\":null}','2026-09-03 08:44:00.000','2026-11-25 15:55:01.448',NULL,NULL,NULL,NULL,1,0),
(547,'8d7fa4e2-5b9c-4df6-9285-9c45badc050b',26,3,'{\"kind\":\"step\",\"stepId\":\"tool-square\",\"value\":null}','2026-09-03 08:45:00.000','2026-11-25 15:55:01.463',NULL,NULL,NULL,NULL,1,0),
(548,'4916ea93-925f-4a83-9b75-794e04dd027a',26,3,'{\"kind\":\"step\",\"stepId\":\"travel\",\"value\":null}','2026-09-03 08:46:00.000','2026-11-25 15:55:01.478',NULL,NULL,NULL,NULL,1,0),
(549,'0d256056-5f30-4e57-b2a6-7f7f8aa46b7c',26,3,'{\"kind\":\"step\",\"stepId\":\"touch-off\",\"value\":null}','2026-09-03 08:47:00.000','2026-11-25 15:55:01.497',NULL,NULL,NULL,NULL,1,0),
(550,'863286d1-9393-4b7f-8619-8bad7a4a2b3d',26,3,'{\"kind\":\"step\",\"stepId\":\"dry-run\",\"value\":null}','2026-09-03 08:48:00.000','2026-11-25 15:55:01.513',NULL,NULL,NULL,NULL,1,0),
(551,'1b8742fb-72c3-438c-8dbd-33c9037986e1',26,1,'{\"kind\":\"sign-off\",\"stepId\":\"instructor-look\"}','2026-09-03 08:49:00.000','2026-11-25 15:55:01.529',NULL,NULL,NULL,NULL,1,0),
(552,'7d5210b6-cb07-45e7-bd76-abb4a1611b38',26,3,'{\"kind\":\"step\",\"stepId\":\"blank\",\"value\":5.7665}','2026-09-03 08:50:00.000','2026-11-25 15:55:01.545',NULL,NULL,NULL,NULL,1,0),
(553,'37f60674-2625-4e0c-a099-adf31f95df78',26,3,'{\"kind\":\"pass\",\"plannedPass\":1,\"reading\":0.002,\"asPlanned\":true}','2026-09-03 08:51:00.000','2026-11-25 15:55:01.563',NULL,NULL,NULL,NULL,1,0),
(554,'30c5cc28-f315-42a2-9246-62544618bf98',26,3,'{\"kind\":\"step\",\"stepId\":\"pitch-check\",\"value\":9}','2026-09-03 08:52:00.000','2026-11-25 15:55:01.580',NULL,NULL,NULL,NULL,1,0),
(555,'a105ceee-5a10-4489-8850-1e06e50adffa',26,3,'{\"kind\":\"pass\",\"plannedPass\":2,\"reading\":0.014,\"asPlanned\":true}','2026-09-03 08:53:00.000','2026-11-25 15:55:01.600',NULL,NULL,NULL,NULL,1,0),
(556,'1a9d3812-e77b-4f2b-b130-d59b1533b184',26,3,'{\"kind\":\"pass\",\"plannedPass\":3,\"reading\":0.022,\"asPlanned\":true}','2026-09-03 08:54:00.000','2026-11-25 15:55:01.615',NULL,NULL,NULL,NULL,1,0),
(557,'8c33e34d-b21a-4edd-b8c0-d232f262d45c',26,3,'{\"kind\":\"pass\",\"plannedPass\":4,\"reading\":0.028,\"asPlanned\":true}','2026-09-03 08:55:00.000','2026-11-25 15:55:01.631',NULL,NULL,NULL,NULL,1,0),
(558,'0c8c6698-18b2-4459-bf86-941cd08daab4',26,3,'{\"kind\":\"note\",\"text\":\"Coolant hose moved away, Bela Okoro\"}','2026-09-03 08:56:00.000','2026-11-25 15:55:01.645',NULL,NULL,NULL,NULL,1,0),
(559,'b61fb275-aa6e-41d0-a97f-170eff7a196f',26,3,'{\"kind\":\"pass\",\"plannedPass\":5,\"reading\":0.033,\"asPlanned\":true}','2026-09-03 08:57:00.000','2026-11-25 15:55:01.665',NULL,NULL,NULL,NULL,1,0),
(560,'b495b29f-652c-4f68-91b0-8142156aedf8',26,3,'{\"kind\":\"pass\",\"plannedPass\":6,\"reading\":0.038,\"asPlanned\":true}','2026-09-03 08:58:00.000','2026-11-25 15:55:01.682',NULL,NULL,NULL,NULL,1,0),
(561,'2d3b8d9f-ddd0-4b8a-a7fa-35c0610ff55e',26,3,'{\"kind\":\"pass\",\"plannedPass\":7,\"reading\":0.042,\"asPlanned\":true}','2026-09-03 08:59:00.000','2026-11-25 15:55:01.698',NULL,NULL,NULL,NULL,1,0),
(562,'88f75fa1-194f-4ad1-81fd-9c333d4bb751',26,3,'{\"kind\":\"pass\",\"plannedPass\":8,\"reading\":0.046,\"asPlanned\":true}','2026-09-03 09:00:00.000','2026-11-25 15:55:01.715',NULL,NULL,NULL,NULL,1,0),
(563,'395e10b8-29cf-449d-ad7d-3278b349bfe8',26,3,'{\"kind\":\"pass\",\"plannedPass\":9,\"reading\":0.05,\"asPlanned\":true}','2026-09-03 09:01:00.000','2026-11-25 15:55:01.740',NULL,NULL,NULL,NULL,1,0),
(564,'17d1bb07-3bc3-49b3-b5ae-2c4602ba1633',26,3,'{\"kind\":\"pass\",\"plannedPass\":10,\"reading\":0.054,\"asPlanned\":true}','2026-09-03 09:02:00.000','2026-11-25 15:55:01.760',NULL,NULL,NULL,NULL,1,0),
(565,'559be288-c8e5-4c68-8d91-61f824ecd73c',26,3,'{\"kind\":\"pass\",\"plannedPass\":11,\"reading\":0.057,\"asPlanned\":true}','2026-09-03 09:03:00.000','2026-11-25 15:55:01.786',NULL,NULL,NULL,NULL,1,0),
(566,'5ebc75ee-2d73-4349-bc3b-902551a12bee',26,3,'{\"kind\":\"pass\",\"plannedPass\":12,\"reading\":0.06,\"asPlanned\":true}','2026-09-03 09:04:00.000','2026-11-25 15:55:01.807',NULL,NULL,NULL,NULL,1,0),
(567,'ef6664f4-6529-4c7b-85c5-ee0e74aa1c33',26,3,'{\"kind\":\"pass\",\"plannedPass\":13,\"reading\":0.063,\"asPlanned\":true}','2026-09-03 09:05:00.000','2026-11-25 15:55:01.824',NULL,NULL,NULL,NULL,1,0),
(568,'ad3ee4bc-bcaf-4cf8-af0d-e16eba14a924',26,3,'{\"kind\":\"pass\",\"plannedPass\":14,\"reading\":0.066,\"asPlanned\":true}','2026-09-03 09:06:00.000','2026-11-25 15:55:01.845',NULL,NULL,NULL,NULL,1,0),
(569,'83ed2ae5-7fd2-4472-8cf6-e1d1e59646ec',26,3,'{\"kind\":\"pass\",\"plannedPass\":15,\"reading\":0.067,\"asPlanned\":true}','2026-09-03 09:07:00.000','2026-11-25 15:55:01.861',NULL,NULL,NULL,NULL,1,0),
(570,'8605489c-3ad4-4073-96d7-7304d20e45d0',26,3,'{\"kind\":\"pass\",\"plannedPass\":16,\"reading\":0.068,\"asPlanned\":true}','2026-09-03 09:08:00.000','2026-11-25 15:55:01.879',NULL,NULL,NULL,NULL,1,0),
(571,'e5b44c72-6605-47d9-8016-d4fb16a07334',26,3,'{\"kind\":\"pass\",\"plannedPass\":17,\"reading\":0.068,\"asPlanned\":true}','2026-09-03 09:09:00.000','2026-11-25 15:55:01.895',NULL,NULL,NULL,NULL,1,0),
(572,'ad89e051-9b85-470b-9e28-90845b5f5c5d',26,3,'{\"kind\":\"pass\",\"plannedPass\":18,\"reading\":0.068,\"asPlanned\":true}','2026-09-03 09:10:00.000','2026-11-25 15:55:01.911',NULL,NULL,NULL,NULL,1,0),
(573,'a9e86de0-c8dc-4e64-aac7-701ea23482dc',26,3,'{\"kind\":\"measurement\",\"purpose\":\"final\",\"wire\":{\"value\":0.06415,\"unit\":\"in\"},\"overWires\":{\"start\":0.8389,\"middle\":0.8391,\"end\":0.8387},\"crest\":0.7665}','2026-09-03 09:11:00.000','2026-11-25 15:55:01.927',NULL,NULL,NULL,NULL,1,0),
(574,'6a6b8470-9564-4e05-918e-95f7bddeccc9',26,3,'{\"kind\":\"hand-in\"}','2026-09-03 09:12:00.000','2026-11-25 15:55:01.943',NULL,NULL,NULL,NULL,1,0),
(575,'3b84dc49-e164-409c-bdd0-642bf85a1a5b',27,4,'{\"kind\":\"step\",\"stepId\":\"safety\",\"value\":null}','2026-09-03 09:13:00.000','2026-11-25 15:55:02.032',NULL,NULL,NULL,NULL,1,0),
(576,'87441613-f516-4fe1-abab-eb256e434521',27,4,'{\"kind\":\"step\",\"stepId\":\"over-wires\",\"value\":30.31}','2026-09-03 09:14:00.000','2026-11-25 15:55:02.047',NULL,NULL,NULL,NULL,1,0),
(577,'7d0c7229-8765-4788-a398-46aa6ce62668',27,4,'{\"kind\":\"step\",\"stepId\":\"blank\",\"value\":29.822}','2026-09-03 09:15:00.000','2026-11-25 15:55:02.063',NULL,NULL,NULL,NULL,1,0),
(578,'52ba2eb2-40cf-45be-a750-3cf5d840a469',27,4,'{\"kind\":\"step\",\"stepId\":\"run-out\",\"value\":27.279}','2026-09-03 09:16:00.000','2026-11-25 15:55:02.081',NULL,NULL,NULL,NULL,1,0),
(579,'4e07b526-3cf8-4f2c-82fd-a9498d6ac6bd',27,4,'{\"kind\":\"step\",\"stepId\":\"holding\",\"value\":null}','2026-09-03 09:17:00.000','2026-11-25 15:55:02.098',NULL,NULL,NULL,NULL,1,0),
(580,'732030bb-3370-4037-ab5c-e047cd6f74c5',27,4,'{\"kind\":\"step\",\"stepId\":\"gearing\",\"value\":2}','2026-09-03 09:18:00.000','2026-11-25 15:55:02.124',NULL,NULL,NULL,NULL,1,0),
(581,'0de5e2fb-b0b7-49b5-85c6-7b007ec75f09',27,4,'{\"kind\":\"step\",\"stepId\":\"speed\",\"value\":70}','2026-09-03 09:19:00.000','2026-11-25 15:55:02.140',NULL,NULL,NULL,NULL,1,0),
(582,'43ae346c-e89b-4a0d-a043-ae3a653131a5',27,4,'{\"kind\":\"step\",\"stepId\":\"compound\",\"value\":61}','2026-09-03 09:20:00.000','2026-11-25 15:55:02.157',NULL,NULL,NULL,NULL,1,0),
(583,'7e4f15f4-4a37-4dc3-ab96-548f48c7ac7a',27,4,'{\"kind\":\"step\",\"stepId\":\"tip\",\"value\":0.25}','2026-09-03 09:21:00.000','2026-11-25 15:55:02.177',NULL,NULL,NULL,NULL,1,0),
(584,'0636ec52-7a51-4538-ac27-138c54dffff2',27,4,'{\"kind\":\"step\",\"stepId\":\"tool-square\",\"value\":null}','2026-09-03 09:22:00.000','2026-11-25 15:55:02.193',NULL,NULL,NULL,NULL,1,0),
(585,'380455f2-e89b-4248-9e7e-da8c39ce1399',27,4,'{\"kind\":\"step\",\"stepId\":\"travel\",\"value\":null}','2026-09-03 09:23:00.000','2026-11-25 15:55:02.209',NULL,NULL,NULL,NULL,1,0),
(586,'2f0dd7f0-461b-4381-8327-5e819db19be8',27,4,'{\"kind\":\"step\",\"stepId\":\"touch-off\",\"value\":null}','2026-09-03 09:24:00.000','2026-11-25 15:55:02.225',NULL,NULL,NULL,NULL,1,0),
(587,'e81855b0-b931-40e5-8a7d-70247cf05478',27,4,'{\"kind\":\"step\",\"stepId\":\"dry-run\",\"value\":null}','2026-09-03 09:25:00.000','2026-11-25 15:55:02.242',NULL,NULL,NULL,NULL,1,0),
(588,'f03ef18f-a4c4-431e-84a5-b7d2fdb7a351',27,1,'{\"kind\":\"sign-off\",\"stepId\":\"instructor-look\"}','2026-09-03 09:26:00.000','2026-11-25 15:55:02.255',NULL,NULL,NULL,NULL,1,0),
(589,'d529874a-f4cf-4b01-b551-b40cd672a800',27,4,'{\"kind\":\"pass\",\"plannedPass\":1,\"reading\":0.002,\"asPlanned\":true}','2026-09-03 09:27:00.000','2026-11-25 15:55:02.273',NULL,NULL,NULL,NULL,1,0),
(590,'7ffcf076-8650-4506-a459-1ba17769b12a',27,4,'{\"kind\":\"step\",\"stepId\":\"pitch-check\",\"value\":2}','2026-09-03 09:28:00.000','2026-11-25 15:55:02.288',NULL,NULL,NULL,NULL,1,0),
(591,'d3920d09-b971-4a99-93c1-5ac6eb353517',27,4,'{\"kind\":\"pass\",\"plannedPass\":2,\"reading\":0.012,\"asPlanned\":true}','2026-09-03 09:29:00.000','2026-11-25 15:55:02.309',NULL,NULL,NULL,NULL,1,0),
(592,'a984628b-abec-4d80-99dc-b9c08aa4a7f6',27,4,'{\"kind\":\"pass\",\"plannedPass\":3,\"reading\":0.019,\"asPlanned\":true}','2026-09-03 09:30:00.000','2026-11-25 15:55:02.328',NULL,NULL,NULL,NULL,1,0),
(593,'65f44564-a309-4ebe-ba99-e410be0f8c32',27,4,'{\"kind\":\"pass\",\"plannedPass\":4,\"reading\":0.024,\"asPlanned\":true}','2026-09-03 09:31:00.000','2026-11-25 15:55:02.357',NULL,NULL,NULL,NULL,1,0),
(594,'0e1b7422-9f42-434e-8986-e32327963c99',27,4,'{\"kind\":\"note\",\"text\":\"Coolant hose moved away, Chidi Lind\"}','2026-09-03 09:32:00.000','2026-11-25 15:55:02.383',NULL,NULL,NULL,NULL,1,0),
(595,'3453a858-231d-4d23-86a3-e165dfac99fc',27,4,'{\"kind\":\"pass\",\"plannedPass\":5,\"reading\":0.029,\"asPlanned\":true}','2026-09-03 09:33:00.000','2026-11-25 15:55:02.399',NULL,NULL,NULL,NULL,1,0),
(596,'dcd61fca-6559-4d75-a41e-cd38d9f14a1c',27,4,'{\"kind\":\"pass\",\"plannedPass\":6,\"reading\":0.033,\"asPlanned\":true}','2026-09-03 09:34:00.000','2026-11-25 15:55:02.414',NULL,NULL,NULL,NULL,1,0),
(597,'0bbcc8d0-8db7-46b2-b6a4-d4e159475434',27,4,'{\"kind\":\"pass\",\"plannedPass\":7,\"reading\":0.037,\"asPlanned\":true}','2026-09-03 09:35:00.000','2026-11-25 15:55:02.437',NULL,NULL,NULL,NULL,1,0),
(598,'00b7a021-46ba-4f7d-a6a0-4f79677fd7d1',27,4,'{\"kind\":\"pass\",\"plannedPass\":8,\"reading\":0.04,\"asPlanned\":true}','2026-09-03 09:36:00.000','2026-11-25 15:55:02.469',NULL,NULL,NULL,NULL,1,0),
(599,'c8ca90db-7880-43eb-93e6-960549efc5ab',27,4,'{\"kind\":\"pass\",\"plannedPass\":9,\"reading\":0.044,\"asPlanned\":true}','2026-09-03 09:37:00.000','2026-11-25 15:55:02.490',NULL,NULL,NULL,NULL,1,0),
(600,'0fd16883-4e46-4509-a4cd-121b45d95294',27,4,'{\"kind\":\"pass\",\"plannedPass\":10,\"reading\":0.047,\"asPlanned\":true}','2026-09-03 09:38:00.000','2026-11-25 15:55:02.516',NULL,NULL,NULL,NULL,1,0),
(601,'8d9e2638-8a15-4709-bc27-411736729fb2',27,4,'{\"kind\":\"pass\",\"plannedPass\":11,\"reading\":0.05,\"asPlanned\":true}','2026-09-03 09:39:00.000','2026-11-25 15:55:02.532',NULL,NULL,NULL,NULL,1,0),
(602,'5426c05a-8726-4a52-97b1-fd80ef9ebfb5',27,4,'{\"kind\":\"pass\",\"plannedPass\":12,\"reading\":0.052,\"asPlanned\":true}','2026-09-03 09:40:00.000','2026-11-25 15:55:02.550',NULL,NULL,NULL,NULL,1,0),
(603,'f07fb38d-8922-4679-903d-b95b0b7e2154',27,4,'{\"kind\":\"pass\",\"plannedPass\":13,\"reading\":0.055,\"asPlanned\":true}','2026-09-03 09:41:00.000','2026-11-25 15:55:02.575',NULL,NULL,NULL,NULL,1,0),
(604,'352662b0-7e5a-41ab-90bd-4d70e126d890',27,4,'{\"kind\":\"pass\",\"plannedPass\":14,\"reading\":0.056,\"asPlanned\":true}','2026-09-03 09:42:00.000','2026-11-25 15:55:02.590',NULL,NULL,NULL,NULL,1,0),
(605,'df4b5820-8b40-41fa-aaf7-7f6d4da5050d',27,4,'{\"kind\":\"pass\",\"plannedPass\":15,\"reading\":0.057,\"asPlanned\":true}','2026-09-03 09:43:00.000','2026-11-25 15:55:02.604',NULL,NULL,NULL,NULL,1,0),
(606,'c809f98e-4d93-4ecc-8d74-a6bf705b798c',27,4,'{\"kind\":\"pass\",\"plannedPass\":16,\"reading\":0.057,\"asPlanned\":true}','2026-09-03 09:44:00.000','2026-11-25 15:55:02.624',NULL,NULL,NULL,NULL,1,0),
(607,'53fdf1a2-c125-43c0-8222-43ca4a969dd0',27,4,'{\"kind\":\"pass\",\"plannedPass\":17,\"reading\":0.057,\"asPlanned\":true}','2026-09-03 09:45:00.000','2026-11-25 15:55:02.643',NULL,NULL,NULL,NULL,1,0),
(608,'49c71b4f-db18-4b0f-a5d3-3b0729392676',27,4,'{\"kind\":\"measurement\",\"purpose\":\"final\",\"wire\":{\"value\":1.1547,\"unit\":\"mm\"},\"overWires\":{\"start\":30.3105,\"middle\":30.3107,\"end\":30.3103},\"crest\":29.822}','2026-09-03 09:46:00.000','2026-11-25 15:55:02.657',NULL,NULL,NULL,NULL,1,0),
(609,'388972f2-56e4-4c7c-b729-a39bba2178d6',27,4,'{\"kind\":\"hand-in\"}','2026-09-03 09:47:00.000','2026-11-25 15:55:02.675',NULL,NULL,NULL,NULL,1,0),
(610,'c09e3575-06c0-4530-80a1-db939b0d3498',28,5,'{\"kind\":\"step\",\"stepId\":\"safety\",\"value\":null}','2026-09-03 09:48:00.000','2026-11-25 15:55:02.756',NULL,NULL,NULL,NULL,1,0),
(611,'8e342c24-b39d-45db-9be5-c9a2e9491558',28,5,'{\"kind\":\"step\",\"stepId\":\"over-wires\",\"value\":30.652}','2026-09-03 09:49:00.000','2026-11-25 15:55:02.770',NULL,NULL,NULL,NULL,1,0),
(612,'fcbadc33-b03d-4a5b-a57f-5c722ac2549f',28,5,'{\"kind\":\"step\",\"stepId\":\"blank\",\"value\":29.813}','2026-09-03 09:50:00.000','2026-11-25 15:55:02.788',NULL,NULL,NULL,NULL,1,0),
(613,'ad3a1c35-22a7-4f92-bdc6-1cf26c3cc20c',28,5,'{\"kind\":\"step\",\"stepId\":\"run-out\",\"value\":22.998}','2026-09-03 09:51:00.000','2026-11-25 15:55:02.813',NULL,NULL,NULL,NULL,1,0),
(614,'195e5c24-dd8b-46c3-9ac9-964c41209ae7',28,5,'{\"kind\":\"step\",\"stepId\":\"holding\",\"value\":null}','2026-09-03 09:52:00.000','2026-11-25 15:55:02.836',NULL,NULL,NULL,NULL,1,0),
(615,'0718d2b5-bec6-440b-bfed-4535c2d35f06',28,5,'{\"kind\":\"step\",\"stepId\":\"gearing\",\"value\":6}','2026-09-03 09:53:00.000','2026-11-25 15:55:02.851',NULL,NULL,NULL,NULL,1,0),
(616,'b5a7022f-81ed-4641-9b62-35150a72595e',28,5,'{\"kind\":\"step\",\"stepId\":\"speed\",\"value\":70}','2026-09-03 09:54:00.000','2026-11-25 15:55:02.868',NULL,NULL,NULL,NULL,1,0),
(617,'fa473d6b-2618-415c-892c-36994b1964ba',28,5,'{\"kind\":\"step\",\"stepId\":\"compound\",\"value\":14.5}','2026-09-03 09:55:00.000','2026-11-25 15:55:02.883',NULL,NULL,NULL,NULL,1,0),
(618,'62b78aab-6697-41a9-a68c-7a1670cba01e',28,5,'{\"kind\":\"step\",\"stepId\":\"tip\",\"value\":2.004}','2026-09-03 09:56:00.000','2026-11-25 15:55:02.897',NULL,NULL,NULL,NULL,1,0),
(619,'65adf651-4beb-4bb5-8dfa-a46e5f99e56e',28,5,'{\"kind\":\"step\",\"stepId\":\"tool-square\",\"value\":null}','2026-09-03 09:57:00.000','2026-11-25 15:55:02.914',NULL,NULL,NULL,NULL,1,0),
(620,'c8db18d0-2336-44b9-b1cf-b5bd4997ff1e',28,5,'{\"kind\":\"step\",\"stepId\":\"travel\",\"value\":null}','2026-09-03 09:58:00.000','2026-11-25 15:55:02.928',NULL,NULL,NULL,NULL,1,0),
(621,'ebcb8a16-5875-4448-8552-d50c7d3173da',28,5,'{\"kind\":\"step\",\"stepId\":\"touch-off\",\"value\":null}','2026-09-03 09:59:00.000','2026-11-25 15:55:02.945',NULL,NULL,NULL,NULL,1,0),
(622,'9baf8d39-31a8-4ec6-8b36-ba1aa2732e74',28,5,'{\"kind\":\"step\",\"stepId\":\"dry-run\",\"value\":null}','2026-09-03 10:00:00.000','2026-11-25 15:55:02.960',NULL,NULL,NULL,NULL,1,0),
(623,'84c4e96b-0a34-47d8-8456-8b099d295249',28,1,'{\"kind\":\"sign-off\",\"stepId\":\"instructor-look\"}','2026-09-03 10:01:00.000','2026-11-25 15:55:02.972',NULL,NULL,NULL,NULL,1,0),
(624,'d74b5777-4ead-431d-b10c-a162f282c387',28,5,'{\"kind\":\"pass\",\"plannedPass\":1,\"reading\":0.05,\"asPlanned\":true}','2026-09-03 10:02:00.000','2026-11-25 15:55:02.994',NULL,NULL,NULL,NULL,1,0),
(625,'4287b3bc-2949-4e4a-803b-0cd24d55fa37',28,5,'{\"kind\":\"step\",\"stepId\":\"pitch-check\",\"value\":6}','2026-09-03 10:03:00.000','2026-11-25 15:55:03.012',NULL,NULL,NULL,NULL,1,0),
(626,'3c6b1b76-ccfe-4d49-9ab6-7a931b52a795',28,5,'{\"kind\":\"pass\",\"plannedPass\":2,\"reading\":0.3,\"asPlanned\":true}','2026-09-03 10:04:00.000','2026-11-25 15:55:03.027',NULL,NULL,NULL,NULL,1,0),
(627,'f9a81a30-6beb-4caa-ae67-8186b3f75dde',28,5,'{\"kind\":\"pass\",\"plannedPass\":3,\"reading\":0.55,\"asPlanned\":true}','2026-09-03 10:05:00.000','2026-11-25 15:55:03.042',NULL,NULL,NULL,NULL,1,0),
(628,'ec62e080-78da-47ff-a0a1-726eb035c050',28,5,'{\"kind\":\"pass\",\"plannedPass\":4,\"reading\":0.8,\"asPlanned\":true}','2026-09-03 10:06:00.000','2026-11-25 15:55:03.059',NULL,NULL,NULL,NULL,1,0),
(629,'ce5fc6aa-ed8f-401b-b8a0-40d0424f53b5',28,5,'{\"kind\":\"note\",\"text\":\"Coolant hose moved away, Daria Novak\"}','2026-09-03 10:07:00.000','2026-11-25 15:55:03.073',NULL,NULL,NULL,NULL,1,0),
(630,'6cbbbcc0-3927-4de4-b5bd-ca18cc284f01',28,5,'{\"kind\":\"pass\",\"plannedPass\":5,\"reading\":1,\"asPlanned\":true}','2026-09-03 10:08:00.000','2026-11-25 15:55:03.086',NULL,NULL,NULL,NULL,1,0),
(631,'974c33be-bc86-414f-8c78-2b162eb79837',28,5,'{\"kind\":\"pass\",\"plannedPass\":6,\"reading\":1.2,\"asPlanned\":true}','2026-09-03 10:09:00.000','2026-11-25 15:55:03.100',NULL,NULL,NULL,NULL,1,0),
(632,'1c12cb78-7fdc-4d57-ba34-6b326ee6db34',28,5,'{\"kind\":\"pass\",\"plannedPass\":7,\"reading\":1.4,\"asPlanned\":true}','2026-09-03 10:10:00.000','2026-11-25 15:55:03.118',NULL,NULL,NULL,NULL,1,0),
(633,'c3f3bf4f-8eb6-4aa7-9fa8-a833dc3737f0',28,5,'{\"kind\":\"pass\",\"plannedPass\":8,\"reading\":1.6,\"asPlanned\":true}','2026-09-03 10:11:00.000','2026-11-25 15:55:03.142',NULL,NULL,NULL,NULL,1,0),
(634,'3f7be86b-6b3e-44b4-95e6-39ee7304d45a',28,5,'{\"kind\":\"pass\",\"plannedPass\":9,\"reading\":1.8,\"asPlanned\":true}','2026-09-03 10:12:00.000','2026-11-25 15:55:03.155',NULL,NULL,NULL,NULL,1,0),
(635,'8942f503-a471-4c80-8a0f-2b48649ca19d',28,5,'{\"kind\":\"pass\",\"plannedPass\":10,\"reading\":1.95,\"asPlanned\":true}','2026-09-03 10:13:00.000','2026-11-25 15:55:03.175',NULL,NULL,NULL,NULL,1,0),
(636,'9e9effcf-f669-4531-9915-576f4d3fdd6b',28,5,'{\"kind\":\"pass\",\"plannedPass\":11,\"reading\":2.15,\"asPlanned\":true}','2026-09-03 10:14:00.000','2026-11-25 15:55:03.191',NULL,NULL,NULL,NULL,1,0),
(637,'023cfd65-d977-4bc7-ab19-d8b0e86ea2b0',28,5,'{\"kind\":\"pass\",\"plannedPass\":12,\"reading\":2.3,\"asPlanned\":true}','2026-09-03 10:15:00.000','2026-11-25 15:55:03.212',NULL,NULL,NULL,NULL,1,0),
(638,'59fadffd-4457-43c8-bcd7-6b24467f690a',28,5,'{\"kind\":\"pass\",\"plannedPass\":13,\"reading\":2.5,\"asPlanned\":true}','2026-09-03 10:16:00.000','2026-11-25 15:55:03.227',NULL,NULL,NULL,NULL,1,0),
(639,'30b6acf1-64de-4014-9805-92257166daa9',28,5,'{\"kind\":\"pass\",\"plannedPass\":14,\"reading\":2.65,\"asPlanned\":true}','2026-09-03 10:17:00.000','2026-11-25 15:55:03.238',NULL,NULL,NULL,NULL,1,0),
(640,'afe5d543-64db-4fb1-8829-36304bb7b3f9',28,5,'{\"kind\":\"pass\",\"plannedPass\":15,\"reading\":2.8,\"asPlanned\":true}','2026-09-03 10:18:00.000','2026-11-25 15:55:03.250',NULL,NULL,NULL,NULL,1,0),
(641,'bb7147c2-221d-4913-8330-57e0742447a9',28,5,'{\"kind\":\"pass\",\"plannedPass\":16,\"reading\":2.95,\"asPlanned\":true}','2026-09-03 10:19:00.000','2026-11-25 15:55:03.262',NULL,NULL,NULL,NULL,1,0),
(642,'a13c5160-a747-4845-89c2-0a9b171d8990',28,5,'{\"kind\":\"pass\",\"plannedPass\":17,\"reading\":3.1,\"asPlanned\":true}','2026-09-03 10:20:00.000','2026-11-25 15:55:03.274',NULL,NULL,NULL,NULL,1,0),
(643,'3ae0aadf-56a4-476d-be5c-7e23494b8247',28,5,'{\"kind\":\"pass\",\"plannedPass\":18,\"reading\":3.25,\"asPlanned\":true}','2026-09-03 10:21:00.000','2026-11-25 15:55:03.287',NULL,NULL,NULL,NULL,1,0),
(644,'ef734135-34ad-4d66-8fa6-64a8de2c1b39',28,5,'{\"kind\":\"pass\",\"plannedPass\":19,\"reading\":3.4,\"asPlanned\":true}','2026-09-03 10:22:00.000','2026-11-25 15:55:03.302',NULL,NULL,NULL,NULL,1,0),
(645,'e955453c-b239-4465-a9bd-a844be915154',28,5,'{\"kind\":\"pass\",\"plannedPass\":20,\"reading\":3.45,\"asPlanned\":true}','2026-09-03 10:23:00.000','2026-11-25 15:55:03.314',NULL,NULL,NULL,NULL,1,0),
(646,'c1efcbe2-833e-4fc7-a515-6a93bc19b4aa',28,5,'{\"kind\":\"pass\",\"plannedPass\":21,\"reading\":3.5,\"asPlanned\":true}','2026-09-03 10:24:00.000','2026-11-25 15:55:03.326',NULL,NULL,NULL,NULL,1,0),
(647,'e5b1f7c4-0d0c-4c3d-8d1d-50ebf6999d92',28,5,'{\"kind\":\"measurement\",\"purpose\":\"final\",\"wire\":{\"value\":3.1058,\"unit\":\"mm\"},\"overWires\":{\"start\":30.6522,\"middle\":30.6524,\"end\":30.652},\"crest\":29.813}','2026-09-03 10:25:00.000','2026-11-25 15:55:03.341',NULL,NULL,NULL,NULL,1,0),
(648,'15c44983-c1b9-4cf9-9136-c9bf055739ce',28,5,'{\"kind\":\"hand-in\"}','2026-09-03 10:26:00.000','2026-11-25 15:55:03.354',NULL,NULL,NULL,NULL,1,0),
(649,'cf6766bd-1cb8-4ab7-9a5e-c0e06051de8a',29,6,'{\"kind\":\"step\",\"stepId\":\"over-wires\",\"value\":30.652}','2026-09-03 10:27:00.000','2026-11-25 15:55:03.423',NULL,NULL,NULL,NULL,1,0),
(650,'6e52219f-4829-4d83-91d1-e806ee2ef92b',29,6,'{\"kind\":\"step\",\"stepId\":\"blank\",\"value\":29.813}','2026-09-03 10:28:00.000','2026-11-25 15:55:03.437',NULL,NULL,NULL,NULL,1,0),
(651,'ca30bf07-8fe1-4684-8c76-e11421b33d8f',29,6,'{\"kind\":\"step\",\"stepId\":\"run-out\",\"value\":22.998}','2026-09-03 10:29:00.000','2026-11-25 15:55:03.451',NULL,NULL,NULL,NULL,1,0),
(652,'198057e1-8402-4b88-b6f8-d7f5afcaeac0',29,6,'{\"kind\":\"step\",\"stepId\":\"holding\",\"value\":null}','2026-09-03 10:30:00.000','2026-11-25 15:55:03.464',NULL,NULL,NULL,NULL,1,0),
(653,'18f50c03-f127-4bc0-bf06-3e905caf265f',29,6,'{\"kind\":\"step\",\"stepId\":\"gearing\",\"value\":6}','2026-09-03 10:31:00.000','2026-11-25 15:55:03.475',NULL,NULL,NULL,NULL,1,0),
(654,'13195257-6de6-4da9-beb3-4d3121cb5fed',29,6,'{\"kind\":\"step\",\"stepId\":\"speed\",\"value\":70}','2026-09-03 10:32:00.000','2026-11-25 15:55:03.488',NULL,NULL,NULL,NULL,1,0),
(655,'cb59cf56-46a3-4b92-a2e0-788b2dd354a0',29,6,'{\"kind\":\"step\",\"stepId\":\"compound\",\"value\":14.5}','2026-09-03 10:33:00.000','2026-11-25 15:55:03.499',NULL,NULL,NULL,NULL,1,0),
(656,'077fce4a-8766-450c-9671-906dab0ac745',29,6,'{\"kind\":\"step\",\"stepId\":\"tip\",\"value\":2.004}','2026-09-03 10:34:00.000','2026-11-25 15:55:03.510',NULL,NULL,NULL,NULL,1,0),
(657,'6aea7009-10e1-4595-b57c-ebe848ff0079',29,6,'{\"kind\":\"step\",\"stepId\":\"tool-square\",\"value\":null}','2026-09-03 10:35:00.000','2026-11-25 15:55:03.522',NULL,NULL,NULL,NULL,1,0),
(658,'5d0cff13-3792-4e48-ac15-7849a09e869d',29,6,'{\"kind\":\"step\",\"stepId\":\"travel\",\"value\":null}','2026-09-03 10:36:00.000','2026-11-25 15:55:03.534',NULL,NULL,NULL,NULL,1,0),
(659,'7238ca58-ab1a-4907-a0c6-d56462fdb3d7',29,6,'{\"kind\":\"step\",\"stepId\":\"touch-off\",\"value\":null}','2026-09-03 10:37:00.000','2026-11-25 15:55:03.545',NULL,NULL,NULL,NULL,1,0),
(660,'d5835b8d-3e34-4b11-8899-d0cc254eec7b',29,6,'{\"kind\":\"step\",\"stepId\":\"dry-run\",\"value\":null}','2026-09-03 10:38:00.000','2026-11-25 15:55:03.561',NULL,NULL,NULL,NULL,1,0),
(661,'4275a353-d48c-4573-9c61-aacd8c01d5f7',29,1,'{\"kind\":\"sign-off\",\"stepId\":\"instructor-look\"}','2026-09-03 10:39:00.000','2026-11-25 15:55:03.577',NULL,NULL,NULL,NULL,1,0),
(662,'38578b06-834b-4a88-a684-9c5d88efef05',29,6,'{\"kind\":\"step\",\"stepId\":\"blank\",\"value\":34.813}','2026-09-03 10:40:00.000','2026-11-25 15:55:03.589',NULL,NULL,NULL,NULL,1,0),
(663,'e438d72b-256c-4797-b970-9c14c7e2259c',29,6,'{\"kind\":\"pass\",\"plannedPass\":1,\"reading\":0.05,\"asPlanned\":true}','2026-09-03 10:41:00.000','2026-11-25 15:55:03.601',NULL,NULL,NULL,NULL,1,0),
(664,'2c59e291-f14c-4b25-a29b-b2e9043617c4',29,6,'{\"kind\":\"step\",\"stepId\":\"pitch-check\",\"value\":6}','2026-09-03 10:42:00.000','2026-11-25 15:55:03.613',NULL,NULL,NULL,NULL,1,0),
(665,'ca89f9aa-4219-4389-b961-4c268e7efe44',29,6,'{\"kind\":\"pass\",\"plannedPass\":2,\"reading\":0.3,\"asPlanned\":true}','2026-09-03 10:43:00.000','2026-11-25 15:55:03.627',NULL,NULL,NULL,NULL,1,0),
(666,'b4502222-292e-4327-b321-12098ab4abdb',29,6,'{\"kind\":\"pass\",\"plannedPass\":3,\"reading\":0.55,\"asPlanned\":true}','2026-09-03 10:44:00.000','2026-11-25 15:55:03.641',NULL,NULL,NULL,NULL,1,0),
(667,'a5e263bc-2f34-4a39-ba02-15b3c3236a28',29,6,'{\"kind\":\"pass\",\"plannedPass\":4,\"reading\":0.8,\"asPlanned\":true}','2026-09-03 10:45:00.000','2026-11-25 15:55:03.672',NULL,NULL,NULL,NULL,1,0),
(668,'ae0c42f7-be73-4cfd-ac5e-a978e8d6c9f6',29,6,'{\"kind\":\"note\",\"text\":\"Coolant hose moved away, Emil Sato\"}','2026-09-03 10:46:00.000','2026-11-25 15:55:03.686',NULL,NULL,NULL,NULL,1,0),
(669,'65090e03-ace0-4547-959d-5e75260a4b63',29,6,'{\"kind\":\"pass\",\"plannedPass\":5,\"reading\":1,\"asPlanned\":true}','2026-09-03 10:47:00.000','2026-11-25 15:55:03.698',NULL,NULL,NULL,NULL,1,0),
(670,'a1e1e9c2-c5cb-45cf-9d35-34a8f60d7e1e',29,6,'{\"kind\":\"pass\",\"plannedPass\":6,\"reading\":1.2,\"asPlanned\":true}','2026-09-03 10:48:00.000','2026-11-25 15:55:03.711',NULL,NULL,NULL,NULL,1,0),
(671,'9ae9f35a-2f37-476c-9a97-a4095c4d1f22',29,6,'{\"kind\":\"pass\",\"plannedPass\":7,\"reading\":1.4,\"asPlanned\":true}','2026-09-03 10:49:00.000','2026-11-25 15:55:03.724',NULL,NULL,NULL,NULL,1,0),
(672,'b67abd96-6f23-4c11-8be2-86bb30959f71',29,6,'{\"kind\":\"pass\",\"plannedPass\":8,\"reading\":1.6,\"asPlanned\":true}','2026-09-03 10:50:00.000','2026-11-25 15:55:03.741',NULL,NULL,NULL,NULL,1,0),
(673,'8ae02cf2-b137-4cce-8c35-d77104cd81fa',29,6,'{\"kind\":\"pass\",\"plannedPass\":9,\"reading\":1.8,\"asPlanned\":true}','2026-09-03 10:51:00.000','2026-11-25 15:55:03.758',NULL,NULL,NULL,NULL,1,0),
(674,'dd6fc592-f499-45e8-8479-d8bfe068b698',29,6,'{\"kind\":\"pass\",\"plannedPass\":10,\"reading\":1.95,\"asPlanned\":true}','2026-09-03 10:52:00.000','2026-11-25 15:55:03.773',NULL,NULL,NULL,NULL,1,0),
(675,'f7601fe2-076b-4c6a-a825-1b2d433a4eb4',29,6,'{\"kind\":\"pass\",\"plannedPass\":11,\"reading\":2.15,\"asPlanned\":true}','2026-09-03 10:53:00.000','2026-11-25 15:55:03.787',NULL,NULL,NULL,NULL,1,0),
(676,'f1a9334c-8160-41f3-b2ba-1bed1fcd34a5',29,6,'{\"kind\":\"pass\",\"plannedPass\":12,\"reading\":2.3,\"asPlanned\":true}','2026-09-03 10:54:00.000','2026-11-25 15:55:03.801',NULL,NULL,NULL,NULL,1,0),
(677,'12a67339-503c-4cc0-bbcf-48f19e90a191',29,6,'{\"kind\":\"pass\",\"plannedPass\":13,\"reading\":2.5,\"asPlanned\":true}','2026-09-03 10:55:00.000','2026-11-25 15:55:03.816',NULL,NULL,NULL,NULL,1,0),
(678,'a5644978-50e1-4bdd-a093-7ddcdd6153ca',29,6,'{\"kind\":\"pass\",\"plannedPass\":14,\"reading\":2.65,\"asPlanned\":true}','2026-09-03 10:56:00.000','2026-11-25 15:55:03.830',NULL,NULL,NULL,NULL,1,0),
(679,'7db868c1-e025-4bf3-9b84-972dc8e862be',29,6,'{\"kind\":\"pass\",\"plannedPass\":15,\"reading\":2.8,\"asPlanned\":true}','2026-09-03 10:57:00.000','2026-11-25 15:55:03.844',NULL,NULL,NULL,NULL,1,0),
(680,'243d2821-d4b1-45c6-854e-ec2404a91082',29,6,'{\"kind\":\"pass\",\"plannedPass\":16,\"reading\":2.95,\"asPlanned\":true}','2026-09-03 10:58:00.000','2026-11-25 15:55:03.858',NULL,NULL,NULL,NULL,1,0),
(681,'f101bc14-df58-4593-8233-2fee74cf69cc',29,6,'{\"kind\":\"pass\",\"plannedPass\":17,\"reading\":3.1,\"asPlanned\":true}','2026-09-03 10:59:00.000','2026-11-25 15:55:03.871',NULL,NULL,NULL,NULL,1,0),
(682,'44cad48e-a50b-47a7-b0a5-397db2e0077f',29,6,'{\"kind\":\"pass\",\"plannedPass\":18,\"reading\":3.25,\"asPlanned\":true}','2026-09-03 11:00:00.000','2026-11-25 15:55:03.885',NULL,NULL,NULL,NULL,1,0),
(683,'0da3443c-1aca-4b36-bfa3-975e2a447b72',29,6,'{\"kind\":\"pass\",\"plannedPass\":19,\"reading\":3.4,\"asPlanned\":true}','2026-09-03 11:01:00.000','2026-11-25 15:55:03.901',NULL,NULL,NULL,NULL,1,0),
(684,'30436730-eeab-400a-aa9b-e4fc872c118a',29,6,'{\"kind\":\"pass\",\"plannedPass\":20,\"reading\":3.45,\"asPlanned\":true}','2026-09-03 11:02:00.000','2026-11-25 15:55:03.914',NULL,NULL,NULL,NULL,1,0),
(685,'203a8ab9-ba9e-4e6a-877c-f3a6d715d2f9',29,6,'{\"kind\":\"pass\",\"plannedPass\":21,\"reading\":3.5,\"asPlanned\":true}','2026-09-03 11:03:00.000','2026-11-25 15:55:03.927',NULL,NULL,NULL,NULL,1,0),
(686,'5ad33190-2580-4527-b633-871de3e919b4',29,6,'{\"kind\":\"measurement\",\"purpose\":\"final\",\"wire\":{\"value\":3.1058,\"unit\":\"mm\"},\"overWires\":{\"start\":30.6522,\"middle\":30.6524,\"end\":30.652},\"crest\":29.813}','2026-09-03 11:04:00.000','2026-11-25 15:55:03.940',NULL,NULL,NULL,NULL,1,0),
(687,'7f2f77bf-3fde-4480-8827-106ed3e8dca1',29,6,'{\"kind\":\"hand-in\"}','2026-09-03 11:05:00.000','2026-11-25 15:55:03.953',NULL,NULL,NULL,NULL,1,0),
(688,'659d84d2-0603-4a17-a10f-d5a47dc34781',30,7,'{\"kind\":\"step\",\"stepId\":\"safety\",\"value\":null}','2026-09-03 11:06:00.000','2026-11-25 15:55:04.039',NULL,NULL,NULL,NULL,1,0),
(689,'15aff214-78b1-4977-beb3-47046e9b51cd',30,7,'{\"kind\":\"step\",\"stepId\":\"over-wires\",\"value\":0.8923}','2026-09-03 11:07:00.000','2026-11-25 15:55:04.051',NULL,NULL,NULL,NULL,1,0),
(690,'001dfcc8-a7e8-4383-9181-76263ce44de7',30,7,'{\"kind\":\"step\",\"stepId\":\"blank\",\"value\":0.8702}','2026-09-03 11:08:00.000','2026-11-25 15:55:04.068',NULL,NULL,NULL,NULL,1,0),
(691,'dad80796-ec2c-4e37-8256-18380be59fb4',30,7,'{\"kind\":\"step\",\"stepId\":\"run-out\",\"value\":0.7203}','2026-09-03 11:09:00.000','2026-11-25 15:55:04.081',NULL,NULL,NULL,NULL,1,0),
(692,'330bb772-edee-4faa-b730-6c02b71a82de',30,7,'{\"kind\":\"step\",\"stepId\":\"holding\",\"value\":null}','2026-09-03 11:10:00.000','2026-11-25 15:55:04.094',NULL,NULL,NULL,NULL,1,0),
(693,'05fcf97e-5a8b-457a-9cfa-311507f7f0a1',30,7,'{\"kind\":\"step\",\"stepId\":\"gearing\",\"value\":9}','2026-09-03 11:11:00.000','2026-11-25 15:55:04.107',NULL,NULL,NULL,NULL,1,0),
(694,'7b1fa1b3-2127-4fa0-80a2-ad0a54803f1b',30,7,'{\"kind\":\"step\",\"stepId\":\"speed\",\"value\":70}','2026-09-03 11:12:00.000','2026-11-25 15:55:04.119',NULL,NULL,NULL,NULL,1,0),
(695,'0fdabffa-f483-4a93-8f3b-ed709769c0f4',30,7,'{\"kind\":\"step\",\"stepId\":\"compound\",\"value\":27}','2026-09-03 11:13:00.000','2026-11-25 15:55:04.133',NULL,NULL,NULL,NULL,1,0),
(696,'a438248b-adc4-416a-96e2-eb1e9f446fba',30,7,'{\"kind\":\"step\",\"stepId\":\"tip\",\"value\":0.0113}','2026-09-03 11:14:00.000','2026-11-25 15:55:04.146',NULL,NULL,NULL,NULL,1,0),
(697,'c3a6a5c1-f7b0-4771-a68a-b5cc67724b4d',30,7,'{\"kind\":\"step\",\"stepId\":\"tool-square\",\"value\":null}','2026-09-03 11:15:00.000','2026-11-25 15:55:04.159',NULL,NULL,NULL,NULL,1,0),
(698,'a123b179-3429-47ef-a99f-465a41fc1e84',30,7,'{\"kind\":\"step\",\"stepId\":\"travel\",\"value\":null}','2026-09-03 11:16:00.000','2026-11-25 15:55:04.183',NULL,NULL,NULL,NULL,1,0),
(699,'c4565bf8-45a9-42ee-82d9-55f1c32b9a2c',30,7,'{\"kind\":\"step\",\"stepId\":\"touch-off\",\"value\":null}','2026-09-03 11:17:00.000','2026-11-25 15:55:04.196',NULL,NULL,NULL,NULL,1,0),
(700,'56c99966-9235-488c-a661-dad6a3ff250b',30,7,'{\"kind\":\"step\",\"stepId\":\"dry-run\",\"value\":null}','2026-09-03 11:18:00.000','2026-11-25 15:55:04.214',NULL,NULL,NULL,NULL,1,0),
(701,'59d8bb7c-6216-48b3-a7c2-f335c65578ba',30,1,'{\"kind\":\"sign-off\",\"stepId\":\"instructor-look\"}','2026-09-03 11:19:00.000','2026-11-25 15:55:04.227',NULL,NULL,NULL,NULL,1,0),
(702,'1d01c86f-63e0-41d6-8619-9a0ff013d717',30,7,'{\"kind\":\"pass\",\"plannedPass\":1,\"reading\":0.002,\"asPlanned\":true}','2026-09-03 11:20:00.000','2026-11-25 15:55:04.243',NULL,NULL,NULL,NULL,1,0),
(703,'902e81f0-8c84-4111-ba4b-4b8d7045bfc8',30,7,'{\"kind\":\"step\",\"stepId\":\"pitch-check\",\"value\":9}','2026-09-03 11:21:00.000','2026-11-25 15:55:04.263',NULL,NULL,NULL,NULL,1,0),
(704,'c4f2e28f-9096-449a-bce3-632c8da5aae6',30,7,'{\"kind\":\"pass\",\"plannedPass\":2,\"reading\":0.015,\"asPlanned\":true}','2026-09-03 11:22:00.000','2026-11-25 15:55:04.276',NULL,NULL,NULL,NULL,1,0),
(705,'6480a060-657b-4d99-b9fc-b9d1ecfa9377',30,7,'{\"kind\":\"pass\",\"plannedPass\":3,\"reading\":0.024,\"asPlanned\":true}','2026-09-03 11:23:00.000','2026-11-25 15:55:04.289',NULL,NULL,NULL,NULL,1,0),
(706,'0252e6cf-8e40-4b2e-80d0-48ad5d63ddcf',30,7,'{\"kind\":\"pass\",\"plannedPass\":4,\"reading\":0.031,\"asPlanned\":true}','2026-09-03 11:24:00.000','2026-11-25 15:55:04.302',NULL,NULL,NULL,NULL,1,0),
(707,'2c8a4ee0-85d8-4fc2-979a-2e69b7ca1532',30,7,'{\"kind\":\"note\",\"text\":\"Coolant hose moved away, Farah Weiss\"}','2026-09-03 11:25:00.000','2026-11-25 15:55:04.316',NULL,NULL,NULL,NULL,1,0),
(708,'fb4df8a7-340e-425e-a995-5be0bcc91db1',30,7,'{\"kind\":\"pass\",\"plannedPass\":5,\"reading\":0.037,\"asPlanned\":true}','2026-09-03 11:26:00.000','2026-11-25 15:55:04.330',NULL,NULL,NULL,NULL,1,0),
(709,'4adaaafe-27b1-4226-9144-857317385918',30,7,'{\"kind\":\"pass\",\"plannedPass\":6,\"reading\":0.043,\"asPlanned\":true}','2026-09-03 11:27:00.000','2026-11-25 15:55:04.345',NULL,NULL,NULL,NULL,1,0),
(710,'13cfe8b3-2bed-41de-b3ae-e2bd85351e9e',30,7,'{\"kind\":\"pass\",\"plannedPass\":7,\"reading\":0.048,\"asPlanned\":true}','2026-09-03 11:28:00.000','2026-11-25 15:55:04.359',NULL,NULL,NULL,NULL,1,0),
(711,'90e00d5b-0f6e-48fa-a425-9c6dbf5f1471',30,7,'{\"kind\":\"pass\",\"plannedPass\":8,\"reading\":0.053,\"asPlanned\":true}','2026-09-03 11:29:00.000','2026-11-25 15:55:04.372',NULL,NULL,NULL,NULL,1,0),
(712,'56d671bd-2b2a-411c-9d72-31300c1fa06c',30,7,'{\"kind\":\"pass\",\"plannedPass\":9,\"reading\":0.057,\"asPlanned\":true}','2026-09-03 11:30:00.000','2026-11-25 15:55:04.389',NULL,NULL,NULL,NULL,1,0),
(713,'1ae00310-01a7-469f-8972-2069f00149b6',30,7,'{\"kind\":\"pass\",\"plannedPass\":10,\"reading\":0.061,\"asPlanned\":true}','2026-09-03 11:31:00.000','2026-11-25 15:55:04.419',NULL,NULL,NULL,NULL,1,0),
(714,'427c1b17-f4ef-4770-8aa0-1665713105d6',30,7,'{\"kind\":\"pass\",\"plannedPass\":11,\"reading\":0.065,\"asPlanned\":true}','2026-09-03 11:32:00.000','2026-11-25 15:55:04.443',NULL,NULL,NULL,NULL,1,0),
(715,'49b1144f-f374-40ed-afd5-399ebc808f23',30,7,'{\"kind\":\"pass\",\"plannedPass\":12,\"reading\":0.069,\"asPlanned\":true}','2026-09-03 11:33:00.000','2026-11-25 15:55:04.457',NULL,NULL,NULL,NULL,1,0),
(716,'3ab6514d-0e97-4966-b35e-6ecd2b73e27c',30,7,'{\"kind\":\"pass\",\"plannedPass\":13,\"reading\":0.072,\"asPlanned\":true}','2026-09-03 11:34:00.000','2026-11-25 15:55:04.471',NULL,NULL,NULL,NULL,1,0),
(717,'4e7ca824-2395-4919-a89a-9812047681c9',30,7,'{\"kind\":\"pass\",\"plannedPass\":14,\"reading\":0.076,\"asPlanned\":true}','2026-09-03 11:35:00.000','2026-11-25 15:55:04.484',NULL,NULL,NULL,NULL,1,0),
(718,'855f5f8f-e329-4665-82a9-ee6d9ed2dddd',30,7,'{\"kind\":\"pass\",\"plannedPass\":15,\"reading\":0.079,\"asPlanned\":true}','2026-09-03 11:36:00.000','2026-11-25 15:55:04.497',NULL,NULL,NULL,NULL,1,0),
(719,'95c23cc2-3f9a-4a10-bcb8-b8e99b59da1f',30,7,'{\"kind\":\"pass\",\"plannedPass\":16,\"reading\":0.082,\"asPlanned\":true}','2026-09-03 11:37:00.000','2026-11-25 15:55:04.510',NULL,NULL,NULL,NULL,1,0),
(720,'293d11ec-f430-4055-a503-55396b299260',30,7,'{\"kind\":\"pass\",\"plannedPass\":17,\"reading\":0.083,\"asPlanned\":true}','2026-09-03 11:38:00.000','2026-11-25 15:55:04.525',NULL,NULL,NULL,NULL,1,0),
(721,'5b8d88d7-6563-40e9-9873-e92e3695a3af',30,7,'{\"kind\":\"pass\",\"plannedPass\":18,\"reading\":0.084,\"asPlanned\":true}','2026-09-03 11:39:00.000','2026-11-25 15:55:04.538',NULL,NULL,NULL,NULL,1,0),
(722,'393fb1f6-fb6f-4fd7-b8df-5206d650b970',30,7,'{\"kind\":\"pass\",\"plannedPass\":19,\"reading\":0.084,\"asPlanned\":true}','2026-09-03 11:40:00.000','2026-11-25 15:55:04.550',NULL,NULL,NULL,NULL,1,0),
(723,'be673a6b-2f96-4972-80f7-53df8df8d0f5',30,7,'{\"kind\":\"pass\",\"plannedPass\":20,\"reading\":0.084,\"asPlanned\":true}','2026-09-03 11:41:00.000','2026-11-25 15:55:04.562',NULL,NULL,NULL,NULL,1,0),
(724,'47d785c0-ed11-484d-a0df-4834a797eec7',30,7,'{\"kind\":\"measurement\",\"purpose\":\"final\",\"wire\":{\"value\":0.06263,\"unit\":\"in\"},\"overWires\":{\"start\":0.8923,\"middle\":0.8925,\"end\":0.8921},\"crest\":0.8702}','2026-09-03 11:42:00.000','2026-11-25 15:55:04.577',NULL,NULL,NULL,NULL,1,0),
(725,'95927a71-6889-40fa-bd24-4116de19d297',30,7,'{\"kind\":\"hand-in\"}','2026-09-03 11:43:00.000','2026-11-25 15:55:04.590',NULL,NULL,NULL,NULL,1,0);
/*!40000 ALTER TABLE `entries` ENABLE KEYS */;
UNLOCK TABLES;
/*!50003 SET @saved_cs_client      = @@character_set_client */ ;
/*!50003 SET @saved_cs_results     = @@character_set_results */ ;
/*!50003 SET @saved_col_connection = @@collation_connection */ ;
/*!50003 SET character_set_client  = utf8mb4 */ ;
/*!50003 SET character_set_results = utf8mb4 */ ;
/*!50003 SET collation_connection  = utf8mb4_unicode_ci */ ;
/*!50003 SET @saved_sql_mode       = @@sql_mode */ ;
/*!50003 SET sql_mode              = 'IGNORE_SPACE,STRICT_TRANS_TABLES,ERROR_FOR_DIVISION_BY_ZERO,NO_AUTO_CREATE_USER,NO_ENGINE_SUBSTITUTION' */ ;
DELIMITER ;;
/*!50003 CREATE*/ /*!50003 TRIGGER entries_no_update BEFORE UPDATE ON entries FOR EACH ROW
       IF COALESCE(@oyakata_forgets, 0) <> 1 THEN
         SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'entries are append-only';
       END IF 
*/;;
DELIMITER ;
/*!50003 SET sql_mode              = @saved_sql_mode */ ;
/*!50003 SET character_set_client  = @saved_cs_client */ ;
/*!50003 SET character_set_results = @saved_cs_results */ ;
/*!50003 SET collation_connection  = @saved_col_connection */ ;
/*!50003 SET @saved_cs_client      = @@character_set_client */ ;
/*!50003 SET @saved_cs_results     = @@character_set_results */ ;
/*!50003 SET @saved_col_connection = @@collation_connection */ ;
/*!50003 SET character_set_client  = utf8mb4 */ ;
/*!50003 SET character_set_results = utf8mb4 */ ;
/*!50003 SET collation_connection  = utf8mb4_unicode_ci */ ;
/*!50003 SET @saved_sql_mode       = @@sql_mode */ ;
/*!50003 SET sql_mode              = 'IGNORE_SPACE,STRICT_TRANS_TABLES,ERROR_FOR_DIVISION_BY_ZERO,NO_AUTO_CREATE_USER,NO_ENGINE_SUBSTITUTION' */ ;
DELIMITER ;;
/*!50003 CREATE*/ /*!50003 TRIGGER IF NOT EXISTS entries_no_delete BEFORE DELETE ON entries FOR EACH ROW
         SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'entries are append-only' 
*/;;
DELIMITER ;
/*!50003 SET sql_mode              = @saved_sql_mode */ ;
/*!50003 SET character_set_client  = @saved_cs_client */ ;
/*!50003 SET character_set_results = @saved_cs_results */ ;
/*!50003 SET collation_connection  = @saved_col_connection */ ;

--
-- Table structure for table `exercises`
--

DROP TABLE IF EXISTS `exercises`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `exercises` (
  `id` int(11) NOT NULL AUTO_INCREMENT,
  `class_id` int(11) NOT NULL,
  `draft` longtext CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL CHECK (json_valid(`draft`)),
  `draft_version` int(11) NOT NULL DEFAULT 0,
  `created_at` datetime(3) NOT NULL,
  `updated_at` datetime(3) NOT NULL,
  `draft_save_id` char(36) DEFAULT NULL,
  `title` varchar(120) NOT NULL DEFAULT '',
  `thread` varchar(120) NOT NULL DEFAULT '',
  `revision` int(11) DEFAULT NULL,
  PRIMARY KEY (`id`),
  KEY `class_id` (`class_id`),
  CONSTRAINT `exercises_ibfk_1` FOREIGN KEY (`class_id`) REFERENCES `classes` (`id`)
) ENGINE=InnoDB AUTO_INCREMENT=10 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_general_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `exercises`
--

LOCK TABLES `exercises` WRITE;
/*!40000 ALTER TABLE `exercises` DISABLE KEYS */;
INSERT INTO `exercises` VALUES
(1,1,'{\"title\":\"Levelling foot\",\"thread\":\"M16x2-6g\",\"blankDiameter\":\"15.88\",\"tipKind\":\"radius\",\"tipFlat\":\"\",\"tipRadius\":\"\",\"insertFrom\":\"\",\"insertTo\":\"\",\"compoundAngle\":\"\",\"swivelZero\":\"cross-slide\",\"targetPitchDiameter\":\"\",\"wireDiameter\":\"\",\"dialUnit\":\"\",\"dialGraduation\":\"\",\"dialPerTurn\":\"\",\"scratchInfeed\":\"\",\"roughingPasses\":\"\",\"largestInfeed\":\"\",\"finishingPasses\":\"2\",\"finishingInfeed\":\"\",\"springPasses\":\"2\",\"spindleSpeed\":\"70\",\"runOutWidth\":\"\",\"markSetUp\":\"30\",\"markPasses\":\"30\",\"markResult\":\"40\"}',0,'2026-11-13 08:30:00.000','2026-11-13 08:30:00.000',NULL,'Levelling foot','M16x2-6g',1),
(2,1,'{\"title\":\"Clamp screw\",\"thread\":\"3/4-16 UNF-2A\",\"blankDiameter\":\"0.7440\",\"tipKind\":\"flat\",\"tipFlat\":\"\",\"tipRadius\":\"\",\"insertFrom\":\"\",\"insertTo\":\"\",\"compoundAngle\":\"\",\"swivelZero\":\"bed\",\"targetPitchDiameter\":\"\",\"wireDiameter\":\"\",\"dialUnit\":\"\",\"dialGraduation\":\"\",\"dialPerTurn\":\"\",\"scratchInfeed\":\"\",\"roughingPasses\":\"\",\"largestInfeed\":\"\",\"finishingPasses\":\"2\",\"finishingInfeed\":\"\",\"springPasses\":\"2\",\"spindleSpeed\":\"70\",\"runOutWidth\":\"\",\"markSetUp\":\"30\",\"markPasses\":\"30\",\"markResult\":\"40\"}',0,'2026-11-18 08:30:00.000','2026-11-18 08:30:00.000',NULL,'Clamp screw','3/4-16 UNF-2A',1),
(3,1,'{\"title\":\"Platen stud\",\"thread\":\"3/8-24 UNF-3A\",\"blankDiameter\":\"\",\"tipKind\":\"sharp\",\"tipFlat\":\"\",\"tipRadius\":\"\",\"insertFrom\":\"\",\"insertTo\":\"\",\"compoundAngle\":\"29\",\"swivelZero\":\"cross-slide\",\"targetPitchDiameter\":\"\",\"wireDiameter\":\"\",\"dialUnit\":\"\",\"dialGraduation\":\"\",\"dialPerTurn\":\"\",\"scratchInfeed\":\"\",\"roughingPasses\":\"\",\"largestInfeed\":\"\",\"finishingPasses\":\"2\",\"finishingInfeed\":\"\",\"springPasses\":\"2\",\"spindleSpeed\":\"100\",\"runOutWidth\":\"\",\"markSetUp\":\"30\",\"markPasses\":\"30\",\"markResult\":\"40\"}',0,'2026-11-22 08:30:00.000','2026-11-22 08:30:00.000',NULL,'Platen stud','3/8-24 UNF-3A',1),
(4,1,'{\"title\":\"Press nut\",\"thread\":\"7/8-9 UNC-2B\",\"blankDiameter\":\"\",\"tipKind\":\"insert\",\"tipFlat\":\"\",\"tipRadius\":\"\",\"insertFrom\":\"0.1\",\"insertTo\":\"0.125\",\"compoundAngle\":\"\",\"swivelZero\":\"cross-slide\",\"targetPitchDiameter\":\"\",\"wireDiameter\":\"\",\"dialUnit\":\"\",\"dialGraduation\":\"\",\"dialPerTurn\":\"\",\"scratchInfeed\":\"\",\"roughingPasses\":\"\",\"largestInfeed\":\"\",\"finishingPasses\":\"2\",\"finishingInfeed\":\"\",\"springPasses\":\"2\",\"spindleSpeed\":\"70\",\"runOutWidth\":\"\",\"markSetUp\":\"30\",\"markPasses\":\"30\",\"markResult\":\"40\"}',1,'2026-11-25 15:55:00.285','2026-11-25 15:55:00.394',NULL,'Press nut','7/8-9 UNC-2B',1),
(5,1,'{\"title\":\"Adjuster trial\",\"thread\":\"M30x2-6g\",\"blankDiameter\":\"\",\"tipKind\":\"flat\",\"tipFlat\":\"\",\"tipRadius\":\"\",\"insertFrom\":\"\",\"insertTo\":\"\",\"compoundAngle\":\"29\",\"swivelZero\":\"bed\",\"targetPitchDiameter\":\"\",\"wireDiameter\":\"\",\"dialUnit\":\"in\",\"dialGraduation\":\"\",\"dialPerTurn\":\"\",\"scratchInfeed\":\"\",\"roughingPasses\":\"\",\"largestInfeed\":\"\",\"finishingPasses\":\"2\",\"finishingInfeed\":\"\",\"springPasses\":\"2\",\"spindleSpeed\":\"70\",\"runOutWidth\":\"\",\"markSetUp\":\"30\",\"markPasses\":\"30\",\"markResult\":\"40\"}',1,'2026-11-25 15:55:01.973','2026-11-25 15:55:01.995',NULL,'Adjuster trial','M30x2-6g',1),
(6,1,'{\"title\":\"Spindle\",\"thread\":\"Tr30x6-7e\",\"blankDiameter\":\"\",\"tipKind\":\"flat\",\"tipFlat\":\"\",\"tipRadius\":\"\",\"insertFrom\":\"\",\"insertTo\":\"\",\"compoundAngle\":\"\",\"swivelZero\":\"cross-slide\",\"targetPitchDiameter\":\"\",\"wireDiameter\":\"\",\"dialUnit\":\"\",\"dialGraduation\":\"0.05\",\"dialPerTurn\":\"4\",\"scratchInfeed\":\"0.05\",\"roughingPasses\":\"\",\"largestInfeed\":\"\",\"finishingPasses\":\"2\",\"finishingInfeed\":\"\",\"springPasses\":\"0\",\"spindleSpeed\":\"70\",\"runOutWidth\":\"\",\"markSetUp\":\"20\",\"markPasses\":\"20\",\"markResult\":\"60\"}',1,'2026-11-25 15:55:02.704','2026-11-25 15:55:02.719',NULL,'Spindle','Tr30x6-7e',1),
(7,1,'{\"title\":\"Old bolt\",\"thread\":\"7/8-9 BSW medium bolt\",\"blankDiameter\":\"\",\"tipKind\":\"radius\",\"tipFlat\":\"\",\"tipRadius\":\"\",\"insertFrom\":\"\",\"insertTo\":\"\",\"compoundAngle\":\"\",\"swivelZero\":\"cross-slide\",\"targetPitchDiameter\":\"\",\"wireDiameter\":\"\",\"dialUnit\":\"\",\"dialGraduation\":\"\",\"dialPerTurn\":\"\",\"scratchInfeed\":\"\",\"roughingPasses\":\"\",\"largestInfeed\":\"\",\"finishingPasses\":\"2\",\"finishingInfeed\":\"\",\"springPasses\":\"2\",\"spindleSpeed\":\"70\",\"runOutWidth\":\"\",\"markSetUp\":\"30\",\"markPasses\":\"30\",\"markResult\":\"40\"}',1,'2026-11-25 15:55:03.986','2026-11-25 15:55:04.012',NULL,'Old bolt','7/8-9 BSW medium bolt',1),
(8,1,'{\"title\":\"Half a plan\",\"thread\":\"3/4-16 UNF-2A\",\"blankDiameter\":\"0,744\",\"tipKind\":\"flat\",\"tipFlat\":\"\",\"tipRadius\":\"\",\"insertFrom\":\"\",\"insertTo\":\"\",\"compoundAngle\":\"\",\"swivelZero\":\"bed\",\"targetPitchDiameter\":\"\",\"wireDiameter\":\"\",\"dialUnit\":\"mm\",\"dialGraduation\":\"0.05\",\"dialPerTurn\":\"\",\"scratchInfeed\":\"\",\"roughingPasses\":\"\",\"largestInfeed\":\"\",\"finishingPasses\":\"2\",\"finishingInfeed\":\"\",\"springPasses\":\"2\",\"spindleSpeed\":\"70\",\"runOutWidth\":\"\",\"markSetUp\":\"30\",\"markPasses\":\"30\",\"markResult\":\"40\"}',1,'2026-11-25 15:55:04.615','2026-11-25 15:55:04.621','b69a5199-5002-44e5-8c29-1d6d2fa0146f','Half a plan','3/4-16 UNF-2A',NULL),
(9,1,'{\"title\":\"Foreign\",\"springPasses\":3}',0,'2026-11-25 15:55:04.629','2026-11-25 15:55:04.629',NULL,'Foreign','',NULL);
/*!40000 ALTER TABLE `exercises` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `hand_out_sheets`
--

DROP TABLE IF EXISTS `hand_out_sheets`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `hand_out_sheets` (
  `hand_out_id` int(11) NOT NULL,
  `sheet_id` int(11) NOT NULL,
  PRIMARY KEY (`hand_out_id`,`sheet_id`),
  KEY `sheet_id` (`sheet_id`),
  CONSTRAINT `hand_out_sheets_ibfk_1` FOREIGN KEY (`hand_out_id`) REFERENCES `hand_outs` (`id`),
  CONSTRAINT `hand_out_sheets_ibfk_2` FOREIGN KEY (`sheet_id`) REFERENCES `sheets` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_general_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `hand_out_sheets`
--

LOCK TABLES `hand_out_sheets` WRITE;
/*!40000 ALTER TABLE `hand_out_sheets` DISABLE KEYS */;
INSERT INTO `hand_out_sheets` VALUES
(1,1),
(2,2),
(3,3),
(4,4),
(5,5),
(6,6),
(7,7);
/*!40000 ALTER TABLE `hand_out_sheets` ENABLE KEYS */;
UNLOCK TABLES;
/*!50003 SET @saved_cs_client      = @@character_set_client */ ;
/*!50003 SET @saved_cs_results     = @@character_set_results */ ;
/*!50003 SET @saved_col_connection = @@collation_connection */ ;
/*!50003 SET character_set_client  = utf8mb4 */ ;
/*!50003 SET character_set_results = utf8mb4 */ ;
/*!50003 SET collation_connection  = utf8mb4_unicode_ci */ ;
/*!50003 SET @saved_sql_mode       = @@sql_mode */ ;
/*!50003 SET sql_mode              = 'IGNORE_SPACE,STRICT_TRANS_TABLES,ERROR_FOR_DIVISION_BY_ZERO,NO_AUTO_CREATE_USER,NO_ENGINE_SUBSTITUTION' */ ;
DELIMITER ;;
/*!50003 CREATE*/ /*!50003 TRIGGER IF NOT EXISTS hand_out_sheets_no_update BEFORE UPDATE ON hand_out_sheets FOR EACH ROW
         SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'hand_out_sheets are append-only' 
*/;;
DELIMITER ;
/*!50003 SET sql_mode              = @saved_sql_mode */ ;
/*!50003 SET character_set_client  = @saved_cs_client */ ;
/*!50003 SET character_set_results = @saved_cs_results */ ;
/*!50003 SET collation_connection  = @saved_col_connection */ ;
/*!50003 SET @saved_cs_client      = @@character_set_client */ ;
/*!50003 SET @saved_cs_results     = @@character_set_results */ ;
/*!50003 SET @saved_col_connection = @@collation_connection */ ;
/*!50003 SET character_set_client  = utf8mb4 */ ;
/*!50003 SET character_set_results = utf8mb4 */ ;
/*!50003 SET collation_connection  = utf8mb4_unicode_ci */ ;
/*!50003 SET @saved_sql_mode       = @@sql_mode */ ;
/*!50003 SET sql_mode              = 'IGNORE_SPACE,STRICT_TRANS_TABLES,ERROR_FOR_DIVISION_BY_ZERO,NO_AUTO_CREATE_USER,NO_ENGINE_SUBSTITUTION' */ ;
DELIMITER ;;
/*!50003 CREATE*/ /*!50003 TRIGGER IF NOT EXISTS hand_out_sheets_no_delete BEFORE DELETE ON hand_out_sheets FOR EACH ROW
         SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'hand_out_sheets are append-only' 
*/;;
DELIMITER ;
/*!50003 SET sql_mode              = @saved_sql_mode */ ;
/*!50003 SET character_set_client  = @saved_cs_client */ ;
/*!50003 SET character_set_results = @saved_cs_results */ ;
/*!50003 SET collation_connection  = @saved_col_connection */ ;

--
-- Table structure for table `hand_outs`
--

DROP TABLE IF EXISTS `hand_outs`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `hand_outs` (
  `id` int(11) NOT NULL AUTO_INCREMENT,
  `exercise_id` int(11) NOT NULL,
  `revision_id` int(11) NOT NULL,
  `class_id` int(11) NOT NULL,
  `scheme_id` int(11) NOT NULL,
  `handed_by_id` int(11) NOT NULL,
  `handed_at` datetime(3) NOT NULL,
  PRIMARY KEY (`id`),
  KEY `revision_id` (`revision_id`),
  KEY `class_id` (`class_id`),
  KEY `scheme_id` (`scheme_id`),
  KEY `handed_by_id` (`handed_by_id`),
  KEY `exercise_id` (`exercise_id`),
  CONSTRAINT `hand_outs_ibfk_1` FOREIGN KEY (`exercise_id`) REFERENCES `exercises` (`id`),
  CONSTRAINT `hand_outs_ibfk_2` FOREIGN KEY (`revision_id`) REFERENCES `revisions` (`id`),
  CONSTRAINT `hand_outs_ibfk_3` FOREIGN KEY (`class_id`) REFERENCES `classes` (`id`),
  CONSTRAINT `hand_outs_ibfk_4` FOREIGN KEY (`scheme_id`) REFERENCES `schemes` (`id`),
  CONSTRAINT `hand_outs_ibfk_5` FOREIGN KEY (`handed_by_id`) REFERENCES `people` (`id`)
) ENGINE=InnoDB AUTO_INCREMENT=8 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_general_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `hand_outs`
--

LOCK TABLES `hand_outs` WRITE;
/*!40000 ALTER TABLE `hand_outs` DISABLE KEYS */;
INSERT INTO `hand_outs` VALUES
(1,1,1,1,1,1,'2026-11-13 08:30:00.000'),
(2,2,2,1,1,1,'2026-11-18 08:30:00.000'),
(3,3,3,1,1,1,'2026-11-22 08:30:00.000'),
(4,4,4,1,1,1,'2026-11-25 15:55:00.394'),
(5,5,5,1,1,1,'2026-11-25 15:55:01.995'),
(6,6,6,1,6,1,'2026-11-25 15:55:02.719'),
(7,7,7,1,1,1,'2026-11-25 15:55:04.012');
/*!40000 ALTER TABLE `hand_outs` ENABLE KEYS */;
UNLOCK TABLES;
/*!50003 SET @saved_cs_client      = @@character_set_client */ ;
/*!50003 SET @saved_cs_results     = @@character_set_results */ ;
/*!50003 SET @saved_col_connection = @@collation_connection */ ;
/*!50003 SET character_set_client  = utf8mb4 */ ;
/*!50003 SET character_set_results = utf8mb4 */ ;
/*!50003 SET collation_connection  = utf8mb4_unicode_ci */ ;
/*!50003 SET @saved_sql_mode       = @@sql_mode */ ;
/*!50003 SET sql_mode              = 'IGNORE_SPACE,STRICT_TRANS_TABLES,ERROR_FOR_DIVISION_BY_ZERO,NO_AUTO_CREATE_USER,NO_ENGINE_SUBSTITUTION' */ ;
DELIMITER ;;
/*!50003 CREATE*/ /*!50003 TRIGGER IF NOT EXISTS hand_outs_no_update BEFORE UPDATE ON hand_outs FOR EACH ROW
         SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'hand_outs are append-only' 
*/;;
DELIMITER ;
/*!50003 SET sql_mode              = @saved_sql_mode */ ;
/*!50003 SET character_set_client  = @saved_cs_client */ ;
/*!50003 SET character_set_results = @saved_cs_results */ ;
/*!50003 SET collation_connection  = @saved_col_connection */ ;
/*!50003 SET @saved_cs_client      = @@character_set_client */ ;
/*!50003 SET @saved_cs_results     = @@character_set_results */ ;
/*!50003 SET @saved_col_connection = @@collation_connection */ ;
/*!50003 SET character_set_client  = utf8mb4 */ ;
/*!50003 SET character_set_results = utf8mb4 */ ;
/*!50003 SET collation_connection  = utf8mb4_unicode_ci */ ;
/*!50003 SET @saved_sql_mode       = @@sql_mode */ ;
/*!50003 SET sql_mode              = 'IGNORE_SPACE,STRICT_TRANS_TABLES,ERROR_FOR_DIVISION_BY_ZERO,NO_AUTO_CREATE_USER,NO_ENGINE_SUBSTITUTION' */ ;
DELIMITER ;;
/*!50003 CREATE*/ /*!50003 TRIGGER IF NOT EXISTS hand_outs_no_delete BEFORE DELETE ON hand_outs FOR EACH ROW
         SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'hand_outs are append-only' 
*/;;
DELIMITER ;
/*!50003 SET sql_mode              = @saved_sql_mode */ ;
/*!50003 SET character_set_client  = @saved_cs_client */ ;
/*!50003 SET character_set_results = @saved_cs_results */ ;
/*!50003 SET collation_connection  = @saved_col_connection */ ;

--
-- Table structure for table `mark_decisions`
--

DROP TABLE IF EXISTS `mark_decisions`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `mark_decisions` (
  `id` int(11) NOT NULL AUTO_INCREMENT,
  `attempt_id` int(11) NOT NULL,
  `number` int(11) NOT NULL,
  `mark` longtext CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL CHECK (json_valid(`mark`)),
  `total` decimal(7,2) NOT NULL,
  `decided_by_id` int(11) NOT NULL,
  `decided_at` datetime(3) NOT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `attempt_id` (`attempt_id`,`number`),
  KEY `decided_by_id` (`decided_by_id`),
  CONSTRAINT `mark_decisions_ibfk_1` FOREIGN KEY (`attempt_id`) REFERENCES `attempts` (`id`),
  CONSTRAINT `mark_decisions_ibfk_2` FOREIGN KEY (`decided_by_id`) REFERENCES `people` (`id`)
) ENGINE=InnoDB AUTO_INCREMENT=16 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_general_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `mark_decisions`
--

LOCK TABLES `mark_decisions` WRITE;
/*!40000 ALTER TABLE `mark_decisions` DISABLE KEYS */;
INSERT INTO `mark_decisions` VALUES
(1,1,1,'{\"lines\":[{\"id\":\"step:safety\",\"section\":\"set-up\",\"title\":\"Safety\",\"max\":3,\"proposed\":3,\"reason\":\"Done in its place.\",\"evidence\":[\"7b8ae35a-955b-4156-bd48-c5f71870d5ec\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:over-wires\",\"section\":\"set-up\",\"title\":\"Target over wires\",\"max\":3,\"proposed\":3,\"reason\":\"Right: 16.280 mm, expected 16.317 mm (16.237 to 16.397).\",\"evidence\":[\"c5d3d704-7fca-4081-a09e-dea63bec5bd0\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:blank\",\"section\":\"set-up\",\"title\":\"Blank\",\"max\":3,\"proposed\":3,\"reason\":\"Right: 15.840 mm, expected 15.880 mm (15.682 to 15.962).\",\"evidence\":[\"5dc764bd-91e2-4b45-9f99-54783543c2c6\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:run-out\",\"section\":\"set-up\",\"title\":\"Run-out groove\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 13.427 mm, expected at most 13.427 mm.\",\"evidence\":[\"0abba4e7-64ad-4873-b17e-92f93f53d8d7\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:holding\",\"section\":\"set-up\",\"title\":\"Holding\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"09155dae-4036-4e8e-8925-a43bbec4905d\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:gearing\",\"section\":\"set-up\",\"title\":\"Gearing\",\"max\":3,\"proposed\":3,\"reason\":\"Right: 2 mm pitch, expected 2 mm pitch.\",\"evidence\":[\"824d7e66-63c6-4d60-82db-d62bf492487c\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:speed\",\"section\":\"set-up\",\"title\":\"Spindle speed\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 70 rpm, expected at most 70 rpm.\",\"evidence\":[\"94d984dd-e23d-47c4-b659-6180eaf62f43\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:compound\",\"section\":\"set-up\",\"title\":\"Compound\",\"max\":4,\"proposed\":4,\"reason\":\"Right: 29.3°, expected 29.5° (29 to 30).\",\"evidence\":[\"def35566-a1b4-4ed0-8fdd-5b477e45c488\"],\"awarded\":4,\"overrideReason\":null},{\"id\":\"step:tip\",\"section\":\"set-up\",\"title\":\"Tip\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 0.260 mm, expected 0.288 mm (0.238 to 0.338).\",\"evidence\":[\"1e5d123e-a38f-4294-80a9-a9ec4cf66707\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:tool-square\",\"section\":\"set-up\",\"title\":\"Set the tool\",\"max\":2,\"proposed\":2,\"reason\":\"Done in its place.\",\"evidence\":[\"43fdce72-fb86-45e2-a0de-e182f0cab026\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:travel\",\"section\":\"set-up\",\"title\":\"Travel\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"7cb41d3e-e2ba-4e85-ac69-9f0d88c66b57\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:touch-off\",\"section\":\"set-up\",\"title\":\"Touch off, zero\",\"max\":2,\"proposed\":2,\"reason\":\"Done in its place.\",\"evidence\":[\"d50cbe04-dc86-4478-a9f6-7cfac1931b72\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:dry-run\",\"section\":\"set-up\",\"title\":\"Dry run\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"4a6befcf-c94f-4b1c-be73-154aeecbe184\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:instructor-look\",\"section\":\"set-up\",\"title\":\"Instructor looks\",\"max\":2,\"proposed\":2,\"reason\":\"Done in its place.\",\"evidence\":[\"52651723-d735-4404-8eb0-09b6c45651f0\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:pitch-check\",\"section\":\"set-up\",\"title\":\"Pitch\",\"max\":2,\"proposed\":2,\"reason\":\"Right: 2 mm pitch, expected 2 mm pitch.\",\"evidence\":[\"c05fcae1-aa01-4072-8365-0ba2b92cc74c\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"passes:schedule\",\"section\":\"passes\",\"title\":\"Schedule kept\",\"max\":10,\"proposed\":10,\"reason\":\"14 of 14 feeding passes within one graduation of the plan.\",\"evidence\":[],\"awarded\":10,\"overrideReason\":null},{\"id\":\"passes:infeed\",\"section\":\"passes\",\"title\":\"Largest infeed\",\"max\":7,\"proposed\":7,\"reason\":\"Largest infeed 0.260 mm; the plan allows 0.260 mm.\",\"evidence\":[\"ab1c6ba1-c9b0-43d5-b135-a3fbd408bbfe\"],\"awarded\":7,\"overrideReason\":null},{\"id\":\"passes:reversal\",\"section\":\"passes\",\"title\":\"Compound never backed off\",\"max\":5,\"proposed\":5,\"reason\":\"Readings only go in.\",\"evidence\":[],\"awarded\":5,\"overrideReason\":null},{\"id\":\"passes:spring\",\"section\":\"passes\",\"title\":\"Spring passes\",\"max\":8,\"proposed\":8,\"reason\":\"2 taken, 2 planned.\",\"evidence\":[\"f7ec3361-0909-4ed1-bf78-7257884e06f3\",\"fb23c83f-9df0-4e86-96b8-1929c19f24fd\"],\"awarded\":8,\"overrideReason\":null},{\"id\":\"result:pitch-diameter\",\"section\":\"result\",\"title\":\"Pitch diameter in limits\",\"max\":18,\"proposed\":18,\"reason\":\"start 14.584, middle 14.576, end 14.580; band 14.503 to 14.663.\",\"evidence\":[\"46caad2e-519d-418e-9008-18c758e7bd03\"],\"awarded\":18,\"overrideReason\":null},{\"id\":\"result:target\",\"section\":\"result\",\"title\":\"Near the target\",\"max\":5,\"proposed\":5,\"reason\":\"Mean 14.580 is 0.003 from the target 14.583; full points to a quarter of the tolerance, none at three quarters.\",\"evidence\":[\"46caad2e-519d-418e-9008-18c758e7bd03\"],\"awarded\":5,\"overrideReason\":null},{\"id\":\"result:taper\",\"section\":\"result\",\"title\":\"Even along the length\",\"max\":4,\"proposed\":4,\"reason\":\"Spread 0.008; a quarter of the tolerance is 0.040.\",\"evidence\":[\"46caad2e-519d-418e-9008-18c758e7bd03\"],\"awarded\":4,\"overrideReason\":null},{\"id\":\"result:crest\",\"section\":\"result\",\"title\":\"Major diameter in limits\",\"max\":9,\"proposed\":9,\"reason\":\"15.878; limits 15.682 to 15.962.\",\"evidence\":[\"46caad2e-519d-418e-9008-18c758e7bd03\"],\"awarded\":9,\"overrideReason\":null},{\"id\":\"result:measuring\",\"section\":\"result\",\"title\":\"Own measuring agrees\",\"max\":4,\"proposed\":0,\"reason\":\"Student and instructor differ by 0.013; 0.010 is allowed.\",\"evidence\":[\"521df0b3-f578-454f-9e61-fbba744fd099\",\"46caad2e-519d-418e-9008-18c758e7bd03\"],\"awarded\":0,\"overrideReason\":null}],\"cap\":null,\"capLiftedReason\":null,\"comment\":\"\",\"total\":96}',96.00,1,'2026-11-15 08:30:00.000'),
(2,2,1,'{\"lines\":[{\"id\":\"step:safety\",\"section\":\"set-up\",\"title\":\"Safety\",\"max\":3,\"proposed\":0,\"reason\":\"Not recorded.\",\"evidence\":[],\"awarded\":0,\"overrideReason\":null},{\"id\":\"step:over-wires\",\"section\":\"set-up\",\"title\":\"Target over wires\",\"max\":3,\"proposed\":3,\"reason\":\"Right: 16.360 mm, expected 16.317 mm (16.237 to 16.397).\",\"evidence\":[\"dcfa4765-b6e0-40f4-b15b-c1eaea4dcf20\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:blank\",\"section\":\"set-up\",\"title\":\"Blank\",\"max\":3,\"proposed\":3,\"reason\":\"Right: 15.920 mm, expected 15.880 mm (15.682 to 15.962).\",\"evidence\":[\"edc78e12-796e-453a-b55a-ed1764918e3e\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:run-out\",\"section\":\"set-up\",\"title\":\"Run-out groove\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 13.427 mm, expected at most 13.427 mm.\",\"evidence\":[\"9bfb3388-853c-4f52-a252-d9458622dd41\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:holding\",\"section\":\"set-up\",\"title\":\"Holding\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"33181fa9-d5d8-437c-80d1-e32fcf574cb2\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:gearing\",\"section\":\"set-up\",\"title\":\"Gearing\",\"max\":3,\"proposed\":3,\"reason\":\"Right: 2 mm pitch, expected 2 mm pitch.\",\"evidence\":[\"f638e4f6-2f58-4788-99b7-b865d81ab24a\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:speed\",\"section\":\"set-up\",\"title\":\"Spindle speed\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 70 rpm, expected at most 70 rpm.\",\"evidence\":[\"5e3765ce-c519-45f8-810e-f5c0256d3eff\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:compound\",\"section\":\"set-up\",\"title\":\"Compound\",\"max\":4,\"proposed\":4,\"reason\":\"Right: 29.8°, expected 29.5° (29 to 30).\",\"evidence\":[\"61c3d8e1-d896-439e-8d79-d36d474ca1a1\"],\"awarded\":4,\"overrideReason\":null},{\"id\":\"step:tip\",\"section\":\"set-up\",\"title\":\"Tip\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 0.310 mm, expected 0.288 mm (0.238 to 0.338).\",\"evidence\":[\"4ca21c37-c4ec-4af0-9940-605474ea629d\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:tool-square\",\"section\":\"set-up\",\"title\":\"Set the tool\",\"max\":2,\"proposed\":2,\"reason\":\"Done in its place.\",\"evidence\":[\"9ab3dee4-c710-4c6d-b3c1-d5f546daf86f\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:travel\",\"section\":\"set-up\",\"title\":\"Travel\",\"max\":1,\"proposed\":0,\"reason\":\"Not recorded.\",\"evidence\":[],\"awarded\":0,\"overrideReason\":null},{\"id\":\"step:touch-off\",\"section\":\"set-up\",\"title\":\"Touch off, zero\",\"max\":2,\"proposed\":2,\"reason\":\"Done in its place.\",\"evidence\":[\"b1d08d61-2a8c-460b-b39e-5b7ecf417c9c\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:dry-run\",\"section\":\"set-up\",\"title\":\"Dry run\",\"max\":1,\"proposed\":0,\"reason\":\"Not recorded.\",\"evidence\":[],\"awarded\":0,\"overrideReason\":null},{\"id\":\"step:instructor-look\",\"section\":\"set-up\",\"title\":\"Instructor looks\",\"max\":2,\"proposed\":0,\"reason\":\"Cut without the instructor’s look.\",\"evidence\":[],\"awarded\":0,\"overrideReason\":null},{\"id\":\"step:pitch-check\",\"section\":\"set-up\",\"title\":\"Pitch\",\"max\":2,\"proposed\":2,\"reason\":\"Right: 2 mm pitch, expected 2 mm pitch.\",\"evidence\":[\"1eb16a17-1c07-40aa-9b7c-2a1975b9b234\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"passes:schedule\",\"section\":\"passes\",\"title\":\"Schedule kept\",\"max\":10,\"proposed\":9.5,\"reason\":\"14 of 15 feeding passes within one graduation of the plan.\",\"evidence\":[\"484cc27c-ed05-48d6-80cf-7a016e15c161\"],\"awarded\":9.5,\"overrideReason\":null},{\"id\":\"passes:infeed\",\"section\":\"passes\",\"title\":\"Largest infeed\",\"max\":7,\"proposed\":7,\"reason\":\"Largest infeed 0.260 mm; the plan allows 0.260 mm.\",\"evidence\":[\"e46a7d10-b7db-4878-be18-8a092484c003\"],\"awarded\":7,\"overrideReason\":null},{\"id\":\"passes:reversal\",\"section\":\"passes\",\"title\":\"Compound never backed off\",\"max\":5,\"proposed\":5,\"reason\":\"Readings only go in.\",\"evidence\":[],\"awarded\":5,\"overrideReason\":null},{\"id\":\"passes:spring\",\"section\":\"passes\",\"title\":\"Spring passes\",\"max\":8,\"proposed\":0,\"reason\":\"0 taken, 2 planned.\",\"evidence\":[],\"awarded\":0,\"overrideReason\":null},{\"id\":\"result:pitch-diameter\",\"section\":\"result\",\"title\":\"Pitch diameter in limits\",\"max\":18,\"proposed\":0,\"reason\":\"Over-cut: start 14.357, middle 14.349, end 14.353; band 14.503 to 14.663.\",\"evidence\":[\"2c080c0c-5ea1-4fbd-aa4a-54062bd72f1c\"],\"awarded\":0,\"overrideReason\":null},{\"id\":\"result:target\",\"section\":\"result\",\"title\":\"Near the target\",\"max\":5,\"proposed\":0,\"reason\":\"Mean 14.353 is 0.230 from the target 14.583; full points to a quarter of the tolerance, none at three quarters.\",\"evidence\":[\"2c080c0c-5ea1-4fbd-aa4a-54062bd72f1c\"],\"awarded\":0,\"overrideReason\":null},{\"id\":\"result:taper\",\"section\":\"result\",\"title\":\"Even along the length\",\"max\":4,\"proposed\":4,\"reason\":\"Spread 0.008; a quarter of the tolerance is 0.040.\",\"evidence\":[\"2c080c0c-5ea1-4fbd-aa4a-54062bd72f1c\"],\"awarded\":4,\"overrideReason\":null},{\"id\":\"result:crest\",\"section\":\"result\",\"title\":\"Major diameter in limits\",\"max\":9,\"proposed\":9,\"reason\":\"15.882; limits 15.682 to 15.962.\",\"evidence\":[\"2c080c0c-5ea1-4fbd-aa4a-54062bd72f1c\"],\"awarded\":9,\"overrideReason\":null},{\"id\":\"result:measuring\",\"section\":\"result\",\"title\":\"Own measuring agrees\",\"max\":4,\"proposed\":0,\"reason\":\"Student and instructor differ by 0.013; 0.010 is allowed.\",\"evidence\":[\"eb0bce8e-84cc-44ad-9b94-df44d85f5066\",\"2c080c0c-5ea1-4fbd-aa4a-54062bd72f1c\"],\"awarded\":0,\"overrideReason\":null}],\"cap\":{\"most\":40,\"reason\":\"“Safety” was not recorded before the first cut: at most 40.\"},\"capLiftedReason\":null,\"comment\":\"You began before I had looked, and fed by the dial alone. Measure before the finishing passes, every time. New blank, second try.\",\"total\":40}',40.00,1,'2026-11-15 08:30:00.000'),
(3,11,1,'{\"lines\":[{\"id\":\"step:safety\",\"section\":\"set-up\",\"title\":\"Safety\",\"max\":3,\"proposed\":3,\"reason\":\"Done in its place.\",\"evidence\":[\"5d63b4c7-b773-4eba-8293-bf32dd5d0893\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:over-wires\",\"section\":\"set-up\",\"title\":\"Target over wires\",\"max\":3,\"proposed\":3,\"reason\":\"Right: 16.320 mm, expected 16.317 mm (16.237 to 16.397).\",\"evidence\":[\"85ae9152-06e5-499b-abfb-4bdab42e8ad8\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:blank\",\"section\":\"set-up\",\"title\":\"Blank\",\"max\":3,\"proposed\":3,\"reason\":\"Right: 15.880 mm, expected 15.880 mm (15.682 to 15.962).\",\"evidence\":[\"7933aa8a-fcda-420c-86ae-351027ebac2d\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:run-out\",\"section\":\"set-up\",\"title\":\"Run-out groove\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 13.427 mm, expected at most 13.427 mm.\",\"evidence\":[\"654e2eaa-3dde-4791-9952-bf3e77f3e258\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:holding\",\"section\":\"set-up\",\"title\":\"Holding\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"4561f57e-476f-42d5-9f30-dd290e7882eb\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:gearing\",\"section\":\"set-up\",\"title\":\"Gearing\",\"max\":3,\"proposed\":3,\"reason\":\"Right: 2 mm pitch, expected 2 mm pitch.\",\"evidence\":[\"74413a24-9a9b-487f-8014-54c38be5c284\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:speed\",\"section\":\"set-up\",\"title\":\"Spindle speed\",\"max\":1,\"proposed\":0,\"reason\":\"Out of limits: 110 rpm, expected at most 70 rpm.\",\"evidence\":[\"6f507509-b01f-4340-abcc-ee4339d16214\"],\"awarded\":0,\"overrideReason\":null},{\"id\":\"step:compound\",\"section\":\"set-up\",\"title\":\"Compound\",\"max\":4,\"proposed\":4,\"reason\":\"Right: 29.5°, expected 29.5° (29 to 30).\",\"evidence\":[\"fccd65c0-280f-4f07-aa6d-48d4dd3bc82c\"],\"awarded\":4,\"overrideReason\":null},{\"id\":\"step:tip\",\"section\":\"set-up\",\"title\":\"Tip\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 0.290 mm, expected 0.288 mm (0.238 to 0.338).\",\"evidence\":[\"e1913070-8cda-45bb-9ccb-5c0ea2bf2b29\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:tool-square\",\"section\":\"set-up\",\"title\":\"Set the tool\",\"max\":2,\"proposed\":2,\"reason\":\"Done in its place.\",\"evidence\":[\"2aa95444-8bfa-4180-9ef5-a3656aabec46\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:travel\",\"section\":\"set-up\",\"title\":\"Travel\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"76a36c96-e682-4241-8d8a-6e0202087339\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:touch-off\",\"section\":\"set-up\",\"title\":\"Touch off, zero\",\"max\":2,\"proposed\":2,\"reason\":\"Done in its place.\",\"evidence\":[\"e7787f93-2cd7-4f4e-99b0-8b61d46e80e3\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:dry-run\",\"section\":\"set-up\",\"title\":\"Dry run\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"e4ad2d35-daee-4f66-8612-ee8cbcb896e1\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:instructor-look\",\"section\":\"set-up\",\"title\":\"Instructor looks\",\"max\":2,\"proposed\":2,\"reason\":\"Done in its place.\",\"evidence\":[\"159efa4d-51d6-458f-a229-1863d1f7053d\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:pitch-check\",\"section\":\"set-up\",\"title\":\"Pitch\",\"max\":2,\"proposed\":2,\"reason\":\"Right: 2 mm pitch, expected 2 mm pitch.\",\"evidence\":[\"a802a9cc-6347-4a9c-8a5a-f5e0b60c9c08\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"passes:schedule\",\"section\":\"passes\",\"title\":\"Schedule kept\",\"max\":10,\"proposed\":10,\"reason\":\"14 of 14 feeding passes within one graduation of the plan.\",\"evidence\":[],\"awarded\":10,\"overrideReason\":null},{\"id\":\"passes:infeed\",\"section\":\"passes\",\"title\":\"Largest infeed\",\"max\":7,\"proposed\":7,\"reason\":\"Largest infeed 0.260 mm; the plan allows 0.260 mm.\",\"evidence\":[\"962591d6-9d24-48be-ad24-ad1b433c50c6\"],\"awarded\":7,\"overrideReason\":null},{\"id\":\"passes:reversal\",\"section\":\"passes\",\"title\":\"Compound never backed off\",\"max\":5,\"proposed\":5,\"reason\":\"Readings only go in.\",\"evidence\":[],\"awarded\":5,\"overrideReason\":null},{\"id\":\"passes:spring\",\"section\":\"passes\",\"title\":\"Spring passes\",\"max\":8,\"proposed\":8,\"reason\":\"2 taken, 2 planned.\",\"evidence\":[\"9919527b-1909-4cc8-b706-8a49ae3f9cc7\",\"58f1a5f4-5e91-4407-bc4a-764d5701710c\"],\"awarded\":8,\"overrideReason\":null},{\"id\":\"result:pitch-diameter\",\"section\":\"result\",\"title\":\"Pitch diameter in limits\",\"max\":18,\"proposed\":18,\"reason\":\"start 14.591, middle 14.583, end 14.587; band 14.503 to 14.663.\",\"evidence\":[\"547045fe-9bcf-40ab-ae6a-9458df82a3f8\"],\"awarded\":18,\"overrideReason\":null},{\"id\":\"result:target\",\"section\":\"result\",\"title\":\"Near the target\",\"max\":5,\"proposed\":5,\"reason\":\"Mean 14.587 is 0.004 from the target 14.583; full points to a quarter of the tolerance, none at three quarters.\",\"evidence\":[\"547045fe-9bcf-40ab-ae6a-9458df82a3f8\"],\"awarded\":5,\"overrideReason\":null},{\"id\":\"result:taper\",\"section\":\"result\",\"title\":\"Even along the length\",\"max\":4,\"proposed\":4,\"reason\":\"Spread 0.008; a quarter of the tolerance is 0.040.\",\"evidence\":[\"547045fe-9bcf-40ab-ae6a-9458df82a3f8\"],\"awarded\":4,\"overrideReason\":null},{\"id\":\"result:crest\",\"section\":\"result\",\"title\":\"Major diameter in limits\",\"max\":9,\"proposed\":9,\"reason\":\"15.880; limits 15.682 to 15.962.\",\"evidence\":[\"547045fe-9bcf-40ab-ae6a-9458df82a3f8\"],\"awarded\":9,\"overrideReason\":null},{\"id\":\"result:measuring\",\"section\":\"result\",\"title\":\"Own measuring agrees\",\"max\":4,\"proposed\":4,\"reason\":\"Student and instructor differ by 0.000; 0.010 is allowed.\",\"evidence\":[\"43a3c842-2443-4577-9fd3-ebe46e2f1057\",\"547045fe-9bcf-40ab-ae6a-9458df82a3f8\"],\"awarded\":4,\"overrideReason\":null}],\"cap\":null,\"capLiftedReason\":null,\"comment\":\"\",\"total\":99}',99.00,1,'2026-11-17 08:30:00.000'),
(4,12,1,'{\"lines\":[{\"id\":\"step:safety\",\"section\":\"set-up\",\"title\":\"Safety\",\"max\":3,\"proposed\":3,\"reason\":\"Done in its place.\",\"evidence\":[\"682d5bab-eb02-4c4b-8063-8d6d26760a07\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:over-wires\",\"section\":\"set-up\",\"title\":\"Target over wires\",\"max\":3,\"proposed\":3,\"reason\":\"Right: 16.310 mm, expected 16.317 mm (16.237 to 16.397).\",\"evidence\":[\"c33a530b-b62b-4c14-9789-c99e95ccb3b7\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:blank\",\"section\":\"set-up\",\"title\":\"Blank\",\"max\":3,\"proposed\":3,\"reason\":\"Right: 15.880 mm, expected 15.880 mm (15.682 to 15.962).\",\"evidence\":[\"7c71f4c7-899a-446d-b945-2442bc170a34\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:run-out\",\"section\":\"set-up\",\"title\":\"Run-out groove\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 13.427 mm, expected at most 13.427 mm.\",\"evidence\":[\"d908b79f-7c65-4dc2-be9d-3f06a7db1020\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:holding\",\"section\":\"set-up\",\"title\":\"Holding\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"cdc3d845-876e-45f7-937f-a856b1553baa\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:gearing\",\"section\":\"set-up\",\"title\":\"Gearing\",\"max\":3,\"proposed\":3,\"reason\":\"Right: 2 mm pitch, expected 2 mm pitch.\",\"evidence\":[\"925abf51-471b-4cf9-a58c-21aa22225959\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:speed\",\"section\":\"set-up\",\"title\":\"Spindle speed\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 70 rpm, expected at most 70 rpm.\",\"evidence\":[\"99be7ee1-35fc-4db7-8d99-bb3912b5342a\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:compound\",\"section\":\"set-up\",\"title\":\"Compound\",\"max\":4,\"proposed\":4,\"reason\":\"Right: 29.5°, expected 29.5° (29 to 30).\",\"evidence\":[\"fbf55ef9-caf9-48a7-8266-add94012482b\"],\"awarded\":4,\"overrideReason\":null},{\"id\":\"step:tip\",\"section\":\"set-up\",\"title\":\"Tip\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 0.290 mm, expected 0.288 mm (0.238 to 0.338).\",\"evidence\":[\"91e2ddb7-45f9-4889-9495-7d12bb240c93\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:tool-square\",\"section\":\"set-up\",\"title\":\"Set the tool\",\"max\":2,\"proposed\":2,\"reason\":\"Done in its place.\",\"evidence\":[\"5bf4af97-4693-49dd-be06-844a855787a8\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:travel\",\"section\":\"set-up\",\"title\":\"Travel\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"943af89b-942a-4ca0-a013-1b7e40f409ad\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:touch-off\",\"section\":\"set-up\",\"title\":\"Touch off, zero\",\"max\":2,\"proposed\":2,\"reason\":\"Done in its place.\",\"evidence\":[\"9148b3a1-6c68-4068-a229-f4111f4f0626\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:dry-run\",\"section\":\"set-up\",\"title\":\"Dry run\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"21392507-9743-452b-831e-cf741515e23f\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:instructor-look\",\"section\":\"set-up\",\"title\":\"Instructor looks\",\"max\":2,\"proposed\":2,\"reason\":\"Done in its place.\",\"evidence\":[\"dd7ff3d3-455a-44fa-940c-226b6058476c\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:pitch-check\",\"section\":\"set-up\",\"title\":\"Pitch\",\"max\":2,\"proposed\":2,\"reason\":\"Right: 2 mm pitch, expected 2 mm pitch.\",\"evidence\":[\"54f6f705-4cd9-422c-89e9-1ee6a0e46f94\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"passes:schedule\",\"section\":\"passes\",\"title\":\"Schedule kept\",\"max\":10,\"proposed\":10,\"reason\":\"14 of 14 feeding passes within one graduation of the plan.\",\"evidence\":[],\"awarded\":10,\"overrideReason\":null},{\"id\":\"passes:infeed\",\"section\":\"passes\",\"title\":\"Largest infeed\",\"max\":7,\"proposed\":7,\"reason\":\"Largest infeed 0.260 mm; the plan allows 0.260 mm.\",\"evidence\":[\"3e648667-f626-4886-8957-105c1a5c0bf5\"],\"awarded\":7,\"overrideReason\":null},{\"id\":\"passes:reversal\",\"section\":\"passes\",\"title\":\"Compound never backed off\",\"max\":5,\"proposed\":5,\"reason\":\"Readings only go in.\",\"evidence\":[],\"awarded\":5,\"overrideReason\":null},{\"id\":\"passes:spring\",\"section\":\"passes\",\"title\":\"Spring passes\",\"max\":8,\"proposed\":8,\"reason\":\"2 taken, 2 planned.\",\"evidence\":[\"08cad309-f50f-461e-9e50-2f69571c4754\",\"7408b10b-6035-4802-be04-561ace2d6381\"],\"awarded\":8,\"overrideReason\":null},{\"id\":\"result:pitch-diameter\",\"section\":\"result\",\"title\":\"Pitch diameter in limits\",\"max\":18,\"proposed\":18,\"reason\":\"start 14.590, middle 14.582, end 14.586; band 14.503 to 14.663.\",\"evidence\":[\"92e77eb1-f1e6-490b-8d76-a4475069ab44\"],\"awarded\":18,\"overrideReason\":null},{\"id\":\"result:target\",\"section\":\"result\",\"title\":\"Near the target\",\"max\":5,\"proposed\":5,\"reason\":\"Mean 14.586 is 0.003 from the target 14.583; full points to a quarter of the tolerance, none at three quarters.\",\"evidence\":[\"92e77eb1-f1e6-490b-8d76-a4475069ab44\"],\"awarded\":5,\"overrideReason\":null},{\"id\":\"result:taper\",\"section\":\"result\",\"title\":\"Even along the length\",\"max\":4,\"proposed\":4,\"reason\":\"Spread 0.008; a quarter of the tolerance is 0.040.\",\"evidence\":[\"92e77eb1-f1e6-490b-8d76-a4475069ab44\"],\"awarded\":4,\"overrideReason\":null},{\"id\":\"result:crest\",\"section\":\"result\",\"title\":\"Major diameter in limits\",\"max\":9,\"proposed\":9,\"reason\":\"15.880; limits 15.682 to 15.962.\",\"evidence\":[\"92e77eb1-f1e6-490b-8d76-a4475069ab44\"],\"awarded\":9,\"overrideReason\":null},{\"id\":\"result:measuring\",\"section\":\"result\",\"title\":\"Own measuring agrees\",\"max\":4,\"proposed\":4,\"reason\":\"Student and instructor differ by 0.001; 0.010 is allowed.\",\"evidence\":[\"73b2d20b-ba3c-4e41-8bee-72bc6d89c1b3\",\"92e77eb1-f1e6-490b-8d76-a4475069ab44\"],\"awarded\":4,\"overrideReason\":null}],\"cap\":null,\"capLiftedReason\":null,\"comment\":\"\",\"total\":100}',100.00,1,'2026-11-18 08:30:00.000'),
(5,14,1,'{\"lines\":[{\"id\":\"step:safety\",\"section\":\"set-up\",\"title\":\"Safety\",\"max\":3,\"proposed\":3,\"reason\":\"Done in its place.\",\"evidence\":[\"d67b5e7e-36c7-4387-9049-b02acb3fa8d8\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:over-wires\",\"section\":\"set-up\",\"title\":\"Target over wires\",\"max\":3,\"proposed\":3,\"reason\":\"Right: 0.7583 in, expected 0.7595 in (0.7570 to 0.7620).\",\"evidence\":[\"c02c5ff0-c2ea-4a04-80fe-493f29bded41\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:blank\",\"section\":\"set-up\",\"title\":\"Blank\",\"max\":3,\"proposed\":3,\"reason\":\"Right: 0.7418 in, expected 0.7440 in (0.7391 to 0.7485).\",\"evidence\":[\"a5f1b172-e9de-41b5-b717-eee365397b04\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:run-out\",\"section\":\"set-up\",\"title\":\"Run-out groove\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 0.6648 in, expected at most 0.6648 in.\",\"evidence\":[\"a3744162-4f52-442f-9b9c-68b8167f80a3\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:holding\",\"section\":\"set-up\",\"title\":\"Holding\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"ad929084-cde5-4266-955e-500b75901e1a\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:gearing\",\"section\":\"set-up\",\"title\":\"Gearing\",\"max\":3,\"proposed\":3,\"reason\":\"Right: 16 TPI, expected 16 TPI.\",\"evidence\":[\"50071ffc-e86b-4522-89e7-a9f3cc07796c\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:speed\",\"section\":\"set-up\",\"title\":\"Spindle speed\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 70 rpm, expected at most 70 rpm.\",\"evidence\":[\"2900be83-b0be-4516-8231-184ee876864c\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:compound\",\"section\":\"set-up\",\"title\":\"Compound\",\"max\":4,\"proposed\":4,\"reason\":\"Right: 60.3°, expected 60.5° (60 to 61).\",\"evidence\":[\"a48493f3-87a0-4517-8da0-3d9fadcaee14\"],\"awarded\":4,\"overrideReason\":null},{\"id\":\"step:tip\",\"section\":\"set-up\",\"title\":\"Tip\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 0.0068 in, expected 0.0078 in (0.0058 to 0.0098).\",\"evidence\":[\"16336346-b915-4ef6-bc57-4788cdf7f322\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:tool-square\",\"section\":\"set-up\",\"title\":\"Set the tool\",\"max\":2,\"proposed\":2,\"reason\":\"Done in its place.\",\"evidence\":[\"add1a047-9f69-446a-8c85-41452f68a1cb\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:travel\",\"section\":\"set-up\",\"title\":\"Travel\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"51c0fe08-95bc-4f6d-91fd-4bff1d883804\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:touch-off\",\"section\":\"set-up\",\"title\":\"Touch off, zero\",\"max\":2,\"proposed\":2,\"reason\":\"Done in its place.\",\"evidence\":[\"69af80fd-afac-464e-9f60-c038d42fc9fa\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:dry-run\",\"section\":\"set-up\",\"title\":\"Dry run\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"a896935e-cf07-4f0d-a401-7e42a75819b5\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:instructor-look\",\"section\":\"set-up\",\"title\":\"Instructor looks\",\"max\":2,\"proposed\":2,\"reason\":\"Done in its place.\",\"evidence\":[\"edf98c2b-85bb-4676-84b7-48c8d758b310\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:pitch-check\",\"section\":\"set-up\",\"title\":\"Pitch\",\"max\":2,\"proposed\":2,\"reason\":\"Right: 16 TPI, expected 16 TPI.\",\"evidence\":[\"aacf659c-1e84-488d-9870-d2861067dc3a\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"passes:schedule\",\"section\":\"passes\",\"title\":\"Schedule kept\",\"max\":10,\"proposed\":10,\"reason\":\"12 of 12 feeding passes within one graduation of the plan.\",\"evidence\":[],\"awarded\":10,\"overrideReason\":null},{\"id\":\"passes:infeed\",\"section\":\"passes\",\"title\":\"Largest infeed\",\"max\":7,\"proposed\":7,\"reason\":\"Largest infeed 0.0100 in; the plan allows 0.0100 in.\",\"evidence\":[\"6259a931-4c8c-4043-8123-6e7f083d198c\"],\"awarded\":7,\"overrideReason\":null},{\"id\":\"passes:reversal\",\"section\":\"passes\",\"title\":\"Compound never backed off\",\"max\":5,\"proposed\":5,\"reason\":\"Readings only go in.\",\"evidence\":[],\"awarded\":5,\"overrideReason\":null},{\"id\":\"passes:spring\",\"section\":\"passes\",\"title\":\"Spring passes\",\"max\":8,\"proposed\":8,\"reason\":\"2 taken, 2 planned.\",\"evidence\":[\"6048c4f0-1554-42ed-8f05-57851e47da43\",\"f104e607-903c-45f4-863c-19ccc57c85cf\"],\"awarded\":8,\"overrideReason\":null},{\"id\":\"result:pitch-diameter\",\"section\":\"result\",\"title\":\"Pitch diameter in limits\",\"max\":18,\"proposed\":18,\"reason\":\"start 0.7055, middle 0.7052, end 0.7054; band 0.7029 to 0.7079.\",\"evidence\":[\"8f555e2d-78dc-4f58-a99a-05956fa809bf\"],\"awarded\":18,\"overrideReason\":null},{\"id\":\"result:target\",\"section\":\"result\",\"title\":\"Near the target\",\"max\":5,\"proposed\":5,\"reason\":\"Mean 0.7053 is 0.0001 from the target 0.7054; full points to a quarter of the tolerance, none at three quarters.\",\"evidence\":[\"8f555e2d-78dc-4f58-a99a-05956fa809bf\"],\"awarded\":5,\"overrideReason\":null},{\"id\":\"result:taper\",\"section\":\"result\",\"title\":\"Even along the length\",\"max\":4,\"proposed\":4,\"reason\":\"Spread 0.0003; a quarter of the tolerance is 0.0013.\",\"evidence\":[\"8f555e2d-78dc-4f58-a99a-05956fa809bf\"],\"awarded\":4,\"overrideReason\":null},{\"id\":\"result:crest\",\"section\":\"result\",\"title\":\"Major diameter in limits\",\"max\":9,\"proposed\":9,\"reason\":\"0.7440; limits 0.7391 to 0.7485.\",\"evidence\":[\"8f555e2d-78dc-4f58-a99a-05956fa809bf\"],\"awarded\":9,\"overrideReason\":null},{\"id\":\"result:measuring\",\"section\":\"result\",\"title\":\"Own measuring agrees\",\"max\":4,\"proposed\":4,\"reason\":\"Student and instructor differ by 0.0004; 0.0005 is allowed.\",\"evidence\":[\"0309fba8-5c7a-4c10-b316-4ad4df98f061\",\"8f555e2d-78dc-4f58-a99a-05956fa809bf\"],\"awarded\":4,\"overrideReason\":null}],\"cap\":null,\"capLiftedReason\":null,\"comment\":\"\",\"total\":100}',100.00,1,'2026-11-21 08:30:00.000'),
(6,15,1,'{\"lines\":[{\"id\":\"step:safety\",\"section\":\"set-up\",\"title\":\"Safety\",\"max\":3,\"proposed\":3,\"reason\":\"Done in its place.\",\"evidence\":[\"2e2cc080-e920-467a-9738-fa455f6846ed\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:over-wires\",\"section\":\"set-up\",\"title\":\"Target over wires\",\"max\":3,\"proposed\":3,\"reason\":\"Right: 0.7608 in, expected 0.7595 in (0.7570 to 0.7620).\",\"evidence\":[\"0882e90d-a9f9-4f63-b283-13fd8bef3b4f\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:blank\",\"section\":\"set-up\",\"title\":\"Blank\",\"max\":3,\"proposed\":3,\"reason\":\"Right: 0.7463 in, expected 0.7440 in (0.7391 to 0.7485).\",\"evidence\":[\"698d8dfd-de6b-4474-a1cf-3d7ac76b7a45\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:run-out\",\"section\":\"set-up\",\"title\":\"Run-out groove\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 0.6648 in, expected at most 0.6648 in.\",\"evidence\":[\"88d1eeb0-9cea-4032-9f6b-7f9a37607883\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:holding\",\"section\":\"set-up\",\"title\":\"Holding\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"0f0be0f5-8ea1-4adf-ac3b-df2f6b0169ca\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:gearing\",\"section\":\"set-up\",\"title\":\"Gearing\",\"max\":3,\"proposed\":3,\"reason\":\"Right: 16 TPI, expected 16 TPI.\",\"evidence\":[\"aa0a7424-4d04-4974-8625-66bbf6bd1799\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:speed\",\"section\":\"set-up\",\"title\":\"Spindle speed\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 70 rpm, expected at most 70 rpm.\",\"evidence\":[\"951f4421-4636-4b09-be47-b8922e77012a\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:compound\",\"section\":\"set-up\",\"title\":\"Compound\",\"max\":4,\"proposed\":0,\"reason\":\"Out of limits: 30°, expected 60.5° (60 to 61).\",\"evidence\":[\"f69f1381-d54a-4f77-b565-9c57ae04ff7a\"],\"awarded\":0,\"overrideReason\":null},{\"id\":\"step:tip\",\"section\":\"set-up\",\"title\":\"Tip\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 0.0088 in, expected 0.0078 in (0.0058 to 0.0098).\",\"evidence\":[\"98b166dd-bbc2-482d-b85d-cedf72fb0def\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:tool-square\",\"section\":\"set-up\",\"title\":\"Set the tool\",\"max\":2,\"proposed\":2,\"reason\":\"Done in its place.\",\"evidence\":[\"e5b85a01-cf5d-4a3e-9090-670de94c3ff2\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:travel\",\"section\":\"set-up\",\"title\":\"Travel\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"0858cc59-bc30-40ef-8247-f68cbd3f4b25\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:touch-off\",\"section\":\"set-up\",\"title\":\"Touch off, zero\",\"max\":2,\"proposed\":2,\"reason\":\"Done in its place.\",\"evidence\":[\"b6af786e-9f53-4387-80bc-d49b67bb6170\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:dry-run\",\"section\":\"set-up\",\"title\":\"Dry run\",\"max\":1,\"proposed\":0,\"reason\":\"Not recorded.\",\"evidence\":[],\"awarded\":0,\"overrideReason\":null},{\"id\":\"step:instructor-look\",\"section\":\"set-up\",\"title\":\"Instructor looks\",\"max\":2,\"proposed\":2,\"reason\":\"Done in its place.\",\"evidence\":[\"e9bc9902-4c4d-4716-a792-f43215b6b4bc\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:pitch-check\",\"section\":\"set-up\",\"title\":\"Pitch\",\"max\":2,\"proposed\":2,\"reason\":\"Right: 16 TPI, expected 16 TPI.\",\"evidence\":[\"0c3c46f2-359f-49f3-b91d-9a33e0cf49a5\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"passes:schedule\",\"section\":\"passes\",\"title\":\"Schedule kept\",\"max\":10,\"proposed\":9,\"reason\":\"12 of 13 feeding passes within one graduation of the plan.\",\"evidence\":[\"72ef339e-cacf-470f-ad0a-3ff629fb7aeb\"],\"awarded\":9,\"overrideReason\":null},{\"id\":\"passes:infeed\",\"section\":\"passes\",\"title\":\"Largest infeed\",\"max\":7,\"proposed\":7,\"reason\":\"Largest infeed 0.0100 in; the plan allows 0.0100 in.\",\"evidence\":[\"a420c5a6-7dde-43b7-a68b-ca2b8e9b5fda\"],\"awarded\":7,\"overrideReason\":null},{\"id\":\"passes:reversal\",\"section\":\"passes\",\"title\":\"Compound never backed off\",\"max\":5,\"proposed\":5,\"reason\":\"Readings only go in.\",\"evidence\":[],\"awarded\":5,\"overrideReason\":null},{\"id\":\"passes:spring\",\"section\":\"passes\",\"title\":\"Spring passes\",\"max\":8,\"proposed\":0,\"reason\":\"0 taken, 2 planned.\",\"evidence\":[],\"awarded\":0,\"overrideReason\":null},{\"id\":\"result:pitch-diameter\",\"section\":\"result\",\"title\":\"Pitch diameter in limits\",\"max\":18,\"proposed\":0,\"reason\":\"Over-cut: start 0.6949, middle 0.6946, end 0.6948; band 0.7029 to 0.7079.\",\"evidence\":[\"efac4827-6296-4723-8b2d-4d6919023de3\"],\"awarded\":0,\"overrideReason\":null},{\"id\":\"result:target\",\"section\":\"result\",\"title\":\"Near the target\",\"max\":5,\"proposed\":0,\"reason\":\"Mean 0.6947 is 0.0107 from the target 0.7054; full points to a quarter of the tolerance, none at three quarters.\",\"evidence\":[\"efac4827-6296-4723-8b2d-4d6919023de3\"],\"awarded\":0,\"overrideReason\":null},{\"id\":\"result:taper\",\"section\":\"result\",\"title\":\"Even along the length\",\"max\":4,\"proposed\":4,\"reason\":\"Spread 0.0003; a quarter of the tolerance is 0.0013.\",\"evidence\":[\"efac4827-6296-4723-8b2d-4d6919023de3\"],\"awarded\":4,\"overrideReason\":null},{\"id\":\"result:crest\",\"section\":\"result\",\"title\":\"Major diameter in limits\",\"max\":9,\"proposed\":9,\"reason\":\"0.7441; limits 0.7391 to 0.7485.\",\"evidence\":[\"efac4827-6296-4723-8b2d-4d6919023de3\"],\"awarded\":9,\"overrideReason\":null},{\"id\":\"result:measuring\",\"section\":\"result\",\"title\":\"Own measuring agrees\",\"max\":4,\"proposed\":4,\"reason\":\"Student and instructor differ by 0.0004; 0.0005 is allowed.\",\"evidence\":[\"bbf19677-eb53-4ffc-be7a-c01bf4ef975b\",\"efac4827-6296-4723-8b2d-4d6919023de3\"],\"awarded\":4,\"overrideReason\":null}],\"cap\":null,\"capLiftedReason\":null,\"comment\":\"You found the cause yourself: the scale trap. Check that the compound’s side lies along the trailing flank.\",\"total\":63}',63.00,1,'2026-11-21 08:30:00.000'),
(7,25,1,'{\"lines\":[{\"id\":\"step:safety\",\"section\":\"set-up\",\"title\":\"Safety\",\"max\":3,\"proposed\":3,\"reason\":\"Done in its place.\",\"evidence\":[\"5af96706-4d7a-4bc3-9705-6fed641af0d5\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:over-wires\",\"section\":\"set-up\",\"title\":\"Target over balls\",\"max\":3,\"proposed\":3,\"reason\":\"Right: 0.8389 in, expected 0.8389 in (0.8348 to 0.8430).\",\"evidence\":[\"439facf3-3688-4559-8319-b9a6a8c474dd\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:blank\",\"section\":\"set-up\",\"title\":\"Bore\",\"max\":3,\"proposed\":3,\"reason\":\"Right: 0.7665 in, expected 0.7665 in (0.7550 to 0.7780).\",\"evidence\":[\"5acfca0f-46ef-4f0e-9d4f-380610679a4a\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:run-out\",\"section\":\"set-up\",\"title\":\"Recess\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 0.8845 in, expected at least 0.8845 in.\",\"evidence\":[\"8ecee0f4-0296-4991-94c6-a672ac125a12\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:holding\",\"section\":\"set-up\",\"title\":\"Holding\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"76fef5b8-524e-4c02-88dc-9138d9d98016\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:gearing\",\"section\":\"set-up\",\"title\":\"Gearing\",\"max\":3,\"proposed\":3,\"reason\":\"Right: 9 TPI, expected 9 TPI.\",\"evidence\":[\"3648ef5e-6c13-4e5d-8a7a-271f42dff88f\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:speed\",\"section\":\"set-up\",\"title\":\"Spindle speed\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 70 rpm, expected at most 70 rpm.\",\"evidence\":[\"276798d1-3ff8-4d6c-9dd5-918b99f645b5\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:compound\",\"section\":\"set-up\",\"title\":\"Compound\",\"max\":4,\"proposed\":4,\"reason\":\"Right: 29.5°, expected 29.5° (29 to 30).\",\"evidence\":[\"34ed77c5-b18a-47a6-a354-50cc1864c387\"],\"awarded\":4,\"overrideReason\":null},{\"id\":\"step:tip\",\"section\":\"set-up\",\"title\":\"Insert\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"03a83311-f1b9-4993-9bda-9576c5e1954d\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:tool-square\",\"section\":\"set-up\",\"title\":\"Set the bar\",\"max\":2,\"proposed\":2,\"reason\":\"Done in its place.\",\"evidence\":[\"48c36504-3fb4-4ad2-8ed5-3a10f965b413\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:travel\",\"section\":\"set-up\",\"title\":\"Travel\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"b8f06240-fe53-4d36-b17b-a905268b71e5\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:touch-off\",\"section\":\"set-up\",\"title\":\"Touch off, zero\",\"max\":2,\"proposed\":2,\"reason\":\"Done in its place.\",\"evidence\":[\"9bbf966a-5ef8-46bb-ae8d-af0ca695e907\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:dry-run\",\"section\":\"set-up\",\"title\":\"Dry run\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"5b72905f-51a5-49f0-b3ed-4889cd1f134d\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:instructor-look\",\"section\":\"set-up\",\"title\":\"Instructor looks\",\"max\":2,\"proposed\":2,\"reason\":\"Done in its place.\",\"evidence\":[\"2b063577-20ea-4746-90d9-5750692835f9\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:pitch-check\",\"section\":\"set-up\",\"title\":\"Pitch\",\"max\":2,\"proposed\":2,\"reason\":\"Right: 9 TPI, expected 9 TPI.\",\"evidence\":[\"01ae6ad7-a41d-40ac-8d94-c1e2e1944b9a\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"passes:schedule\",\"section\":\"passes\",\"title\":\"Schedule kept\",\"max\":10,\"proposed\":10,\"reason\":\"16 of 16 feeding passes within one graduation of the plan.\",\"evidence\":[],\"awarded\":1,\"overrideReason\":\"The last cut was hasty\"},{\"id\":\"passes:infeed\",\"section\":\"passes\",\"title\":\"Largest infeed\",\"max\":7,\"proposed\":7,\"reason\":\"Largest infeed 0.0120 in; the plan allows 0.0120 in.\",\"evidence\":[\"19810a1d-dc3e-43dd-886f-f3cd8eb5c072\"],\"awarded\":7,\"overrideReason\":null},{\"id\":\"passes:reversal\",\"section\":\"passes\",\"title\":\"Compound never backed off\",\"max\":5,\"proposed\":5,\"reason\":\"Readings only go in.\",\"evidence\":[],\"awarded\":5,\"overrideReason\":null},{\"id\":\"passes:spring\",\"section\":\"passes\",\"title\":\"Spring passes\",\"max\":8,\"proposed\":8,\"reason\":\"2 taken, 2 planned.\",\"evidence\":[\"7d2d13bb-4fe9-4c4d-a6f5-579e568a998b\",\"edc4bb07-810a-4494-b856-70cddc61df7b\"],\"awarded\":8,\"overrideReason\":null},{\"id\":\"result:pitch-diameter\",\"section\":\"result\",\"title\":\"Pitch diameter in limits\",\"max\":20,\"proposed\":20,\"reason\":\"start 0.8069, middle 0.8071, end 0.8067; band 0.8028 to 0.8110.\",\"evidence\":[\"5ad08380-30ef-428e-a03e-31931dd9bdbc\"],\"awarded\":20,\"overrideReason\":null},{\"id\":\"result:target\",\"section\":\"result\",\"title\":\"Near the target\",\"max\":6,\"proposed\":6,\"reason\":\"Mean 0.8069 is 0.0000 from the target 0.8069; full points to a quarter of the tolerance, none at three quarters.\",\"evidence\":[\"5ad08380-30ef-428e-a03e-31931dd9bdbc\"],\"awarded\":6,\"overrideReason\":null},{\"id\":\"result:taper\",\"section\":\"result\",\"title\":\"Even along the length\",\"max\":4,\"proposed\":4,\"reason\":\"Spread 0.0004; a quarter of the tolerance is 0.0021.\",\"evidence\":[\"5ad08380-30ef-428e-a03e-31931dd9bdbc\"],\"awarded\":4,\"overrideReason\":null},{\"id\":\"result:crest\",\"section\":\"result\",\"title\":\"Minor diameter in limits\",\"max\":10,\"proposed\":10,\"reason\":\"0.7665; limits 0.7550 to 0.7780.\",\"evidence\":[\"5ad08380-30ef-428e-a03e-31931dd9bdbc\"],\"awarded\":10,\"overrideReason\":null}],\"cap\":null,\"capLiftedReason\":null,\"comment\":\"Read the dial aloud.\",\"total\":91}',91.00,1,'2026-11-25 15:55:01.281'),
(8,26,1,'{\"lines\":[{\"id\":\"step:safety\",\"section\":\"set-up\",\"title\":\"Safety\",\"max\":3,\"proposed\":0,\"reason\":\"Not recorded.\",\"evidence\":[],\"awarded\":0,\"overrideReason\":null},{\"id\":\"step:over-wires\",\"section\":\"set-up\",\"title\":\"Target over balls\",\"max\":3,\"proposed\":3,\"reason\":\"Right: 0.8389 in, expected 0.8389 in (0.8348 to 0.8430).\",\"evidence\":[\"818165ea-359e-4497-adf5-bd702ff34406\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:blank\",\"section\":\"set-up\",\"title\":\"Bore\",\"max\":3,\"proposed\":0,\"reason\":\"Out of limits: 5.7665 in, expected 0.7665 in (0.7550 to 0.7780).\",\"evidence\":[\"7d5210b6-cb07-45e7-bd76-abb4a1611b38\"],\"awarded\":0,\"overrideReason\":null},{\"id\":\"step:run-out\",\"section\":\"set-up\",\"title\":\"Recess\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 0.8845 in, expected at least 0.8845 in.\",\"evidence\":[\"a5d9e697-4202-45e0-9b49-cc0c218c4b89\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:holding\",\"section\":\"set-up\",\"title\":\"Holding\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"ecbdc315-5e1d-47de-bd6c-68c248b09697\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:gearing\",\"section\":\"set-up\",\"title\":\"Gearing\",\"max\":3,\"proposed\":3,\"reason\":\"Right: 9 TPI, expected 9 TPI.\",\"evidence\":[\"1862903f-44c1-4395-ae67-174d023ff9df\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:speed\",\"section\":\"set-up\",\"title\":\"Spindle speed\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 70 rpm, expected at most 70 rpm.\",\"evidence\":[\"0ef6cc5b-78a0-48aa-99fa-2eef29d74cf8\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:compound\",\"section\":\"set-up\",\"title\":\"Compound\",\"max\":4,\"proposed\":4,\"reason\":\"Right: 29.5°, expected 29.5° (29 to 30).\",\"evidence\":[\"a9ba4651-80da-4fbe-8b45-98394e78c212\"],\"awarded\":4,\"overrideReason\":null},{\"id\":\"step:tip\",\"section\":\"set-up\",\"title\":\"Insert\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"bcbe19b8-a59e-45d1-841b-409e662f07ee\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:tool-square\",\"section\":\"set-up\",\"title\":\"Set the bar\",\"max\":2,\"proposed\":2,\"reason\":\"Done in its place.\",\"evidence\":[\"8d7fa4e2-5b9c-4df6-9285-9c45badc050b\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:travel\",\"section\":\"set-up\",\"title\":\"Travel\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"4916ea93-925f-4a83-9b75-794e04dd027a\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:touch-off\",\"section\":\"set-up\",\"title\":\"Touch off, zero\",\"max\":2,\"proposed\":2,\"reason\":\"Done in its place.\",\"evidence\":[\"0d256056-5f30-4e57-b2a6-7f7f8aa46b7c\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:dry-run\",\"section\":\"set-up\",\"title\":\"Dry run\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"863286d1-9393-4b7f-8619-8bad7a4a2b3d\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:instructor-look\",\"section\":\"set-up\",\"title\":\"Instructor looks\",\"max\":2,\"proposed\":2,\"reason\":\"Done in its place.\",\"evidence\":[\"1b8742fb-72c3-438c-8dbd-33c9037986e1\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:pitch-check\",\"section\":\"set-up\",\"title\":\"Pitch\",\"max\":2,\"proposed\":2,\"reason\":\"Right: 9 TPI, expected 9 TPI.\",\"evidence\":[\"30c5cc28-f315-42a2-9246-62544618bf98\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"passes:schedule\",\"section\":\"passes\",\"title\":\"Schedule kept\",\"max\":10,\"proposed\":10,\"reason\":\"16 of 16 feeding passes within one graduation of the plan.\",\"evidence\":[],\"awarded\":10,\"overrideReason\":null},{\"id\":\"passes:infeed\",\"section\":\"passes\",\"title\":\"Largest infeed\",\"max\":7,\"proposed\":7,\"reason\":\"Largest infeed 0.0120 in; the plan allows 0.0120 in.\",\"evidence\":[\"a105ceee-5a10-4489-8850-1e06e50adffa\"],\"awarded\":7,\"overrideReason\":null},{\"id\":\"passes:reversal\",\"section\":\"passes\",\"title\":\"Compound never backed off\",\"max\":5,\"proposed\":5,\"reason\":\"Readings only go in.\",\"evidence\":[],\"awarded\":5,\"overrideReason\":null},{\"id\":\"passes:spring\",\"section\":\"passes\",\"title\":\"Spring passes\",\"max\":8,\"proposed\":8,\"reason\":\"2 taken, 2 planned.\",\"evidence\":[\"e5b44c72-6605-47d9-8016-d4fb16a07334\",\"ad89e051-9b85-470b-9e28-90845b5f5c5d\"],\"awarded\":8,\"overrideReason\":null},{\"id\":\"result:pitch-diameter\",\"section\":\"result\",\"title\":\"Pitch diameter in limits\",\"max\":20,\"proposed\":20,\"reason\":\"start 0.8069, middle 0.8071, end 0.8067; band 0.8028 to 0.8110.\",\"evidence\":[\"a9e86de0-c8dc-4e64-aac7-701ea23482dc\"],\"awarded\":20,\"overrideReason\":null},{\"id\":\"result:target\",\"section\":\"result\",\"title\":\"Near the target\",\"max\":6,\"proposed\":6,\"reason\":\"Mean 0.8069 is 0.0000 from the target 0.8069; full points to a quarter of the tolerance, none at three quarters.\",\"evidence\":[\"a9e86de0-c8dc-4e64-aac7-701ea23482dc\"],\"awarded\":6,\"overrideReason\":null},{\"id\":\"result:taper\",\"section\":\"result\",\"title\":\"Even along the length\",\"max\":4,\"proposed\":4,\"reason\":\"Spread 0.0004; a quarter of the tolerance is 0.0021.\",\"evidence\":[\"a9e86de0-c8dc-4e64-aac7-701ea23482dc\"],\"awarded\":4,\"overrideReason\":null},{\"id\":\"result:crest\",\"section\":\"result\",\"title\":\"Minor diameter in limits\",\"max\":10,\"proposed\":10,\"reason\":\"0.7665; limits 0.7550 to 0.7780.\",\"evidence\":[\"a9e86de0-c8dc-4e64-aac7-701ea23482dc\"],\"awarded\":10,\"overrideReason\":null}],\"cap\":{\"most\":40,\"reason\":\"“Safety” was not recorded before the first cut: at most 40.\"},\"capLiftedReason\":\"Glasses were on, I saw it\",\"comment\":\"\",\"total\":94}',94.00,1,'2026-11-25 15:55:01.969'),
(9,27,1,'{\"lines\":[{\"id\":\"step:safety\",\"section\":\"set-up\",\"title\":\"Safety\",\"max\":3,\"proposed\":3,\"reason\":\"Done in its place.\",\"evidence\":[\"3b84dc49-e164-409c-bdd0-642bf85a1a5b\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:over-wires\",\"section\":\"set-up\",\"title\":\"Target over wires\",\"max\":3,\"proposed\":3,\"reason\":\"Right: 30.310 mm, expected 30.310 mm (30.225 to 30.395).\",\"evidence\":[\"87441613-f516-4fe1-abab-eb256e434521\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:blank\",\"section\":\"set-up\",\"title\":\"Blank\",\"max\":3,\"proposed\":3,\"reason\":\"Right: 29.822 mm, expected 29.822 mm (29.682 to 29.962).\",\"evidence\":[\"7d0c7229-8765-4788-a398-46aa6ce62668\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:run-out\",\"section\":\"set-up\",\"title\":\"Run-out groove\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 27.279 mm, expected at most 27.279 mm.\",\"evidence\":[\"52ba2eb2-40cf-45be-a750-3cf5d840a469\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:holding\",\"section\":\"set-up\",\"title\":\"Holding\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"4e07b526-3cf8-4f2c-82fd-a9498d6ac6bd\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:gearing\",\"section\":\"set-up\",\"title\":\"Gearing\",\"max\":3,\"proposed\":3,\"reason\":\"Right: 2 mm pitch, expected 2 mm pitch.\",\"evidence\":[\"732030bb-3370-4037-ab5c-e047cd6f74c5\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:speed\",\"section\":\"set-up\",\"title\":\"Spindle speed\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 70 rpm, expected at most 70 rpm.\",\"evidence\":[\"0de5e2fb-b0b7-49b5-85c6-7b007ec75f09\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:compound\",\"section\":\"set-up\",\"title\":\"Compound\",\"max\":4,\"proposed\":4,\"reason\":\"Right: 61°, expected 61° (60.5 to 61.5).\",\"evidence\":[\"43ae346c-e89b-4a0d-a043-ae3a653131a5\"],\"awarded\":4,\"overrideReason\":null},{\"id\":\"step:tip\",\"section\":\"set-up\",\"title\":\"Tip\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 0.250 mm, expected 0.250 mm (0.200 to 0.300).\",\"evidence\":[\"7e4f15f4-4a37-4dc3-ab96-548f48c7ac7a\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:tool-square\",\"section\":\"set-up\",\"title\":\"Set the tool\",\"max\":2,\"proposed\":2,\"reason\":\"Done in its place.\",\"evidence\":[\"0636ec52-7a51-4538-ac27-138c54dffff2\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:travel\",\"section\":\"set-up\",\"title\":\"Travel\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"380455f2-e89b-4248-9e7e-da8c39ce1399\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:touch-off\",\"section\":\"set-up\",\"title\":\"Touch off, zero\",\"max\":2,\"proposed\":2,\"reason\":\"Done in its place.\",\"evidence\":[\"2f0dd7f0-461b-4381-8327-5e819db19be8\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:dry-run\",\"section\":\"set-up\",\"title\":\"Dry run\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"e81855b0-b931-40e5-8a7d-70247cf05478\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:instructor-look\",\"section\":\"set-up\",\"title\":\"Instructor looks\",\"max\":2,\"proposed\":2,\"reason\":\"Done in its place.\",\"evidence\":[\"f03ef18f-a4c4-431e-84a5-b7d2fdb7a351\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:pitch-check\",\"section\":\"set-up\",\"title\":\"Pitch\",\"max\":2,\"proposed\":2,\"reason\":\"Right: 2 mm pitch, expected 2 mm pitch.\",\"evidence\":[\"7ffcf076-8650-4506-a459-1ba17769b12a\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"passes:schedule\",\"section\":\"passes\",\"title\":\"Schedule kept\",\"max\":10,\"proposed\":10,\"reason\":\"15 of 15 feeding passes within one graduation of the plan.\",\"evidence\":[],\"awarded\":1,\"overrideReason\":\"The last cut was hasty\"},{\"id\":\"passes:infeed\",\"section\":\"passes\",\"title\":\"Largest infeed\",\"max\":7,\"proposed\":7,\"reason\":\"Largest infeed 0.0100 in; the plan allows 0.0100 in.\",\"evidence\":[\"d3920d09-b971-4a99-93c1-5ac6eb353517\"],\"awarded\":7,\"overrideReason\":null},{\"id\":\"passes:reversal\",\"section\":\"passes\",\"title\":\"Compound never backed off\",\"max\":5,\"proposed\":5,\"reason\":\"Readings only go in.\",\"evidence\":[],\"awarded\":5,\"overrideReason\":null},{\"id\":\"passes:spring\",\"section\":\"passes\",\"title\":\"Spring passes\",\"max\":8,\"proposed\":8,\"reason\":\"2 taken, 2 planned.\",\"evidence\":[\"c809f98e-4d93-4ecc-8d74-a6bf705b798c\",\"53fdf1a2-c125-43c0-8222-43ca4a969dd0\"],\"awarded\":8,\"overrideReason\":null},{\"id\":\"result:pitch-diameter\",\"section\":\"result\",\"title\":\"Pitch diameter in limits\",\"max\":20,\"proposed\":20,\"reason\":\"start 28.578, middle 28.578, end 28.578; band 28.493 to 28.663.\",\"evidence\":[\"49c71b4f-db18-4b0f-a5d3-3b0729392676\"],\"awarded\":20,\"overrideReason\":null},{\"id\":\"result:target\",\"section\":\"result\",\"title\":\"Near the target\",\"max\":6,\"proposed\":6,\"reason\":\"Mean 28.578 is 0.000 from the target 28.578; full points to a quarter of the tolerance, none at three quarters.\",\"evidence\":[\"49c71b4f-db18-4b0f-a5d3-3b0729392676\"],\"awarded\":6,\"overrideReason\":null},{\"id\":\"result:taper\",\"section\":\"result\",\"title\":\"Even along the length\",\"max\":4,\"proposed\":4,\"reason\":\"Spread 0.000; a quarter of the tolerance is 0.043.\",\"evidence\":[\"49c71b4f-db18-4b0f-a5d3-3b0729392676\"],\"awarded\":4,\"overrideReason\":null},{\"id\":\"result:crest\",\"section\":\"result\",\"title\":\"Major diameter in limits\",\"max\":10,\"proposed\":10,\"reason\":\"29.822; limits 29.682 to 29.962.\",\"evidence\":[\"49c71b4f-db18-4b0f-a5d3-3b0729392676\"],\"awarded\":10,\"overrideReason\":null}],\"cap\":null,\"capLiftedReason\":null,\"comment\":\"Read the dial aloud.\",\"total\":91}',91.00,1,'2026-11-25 15:55:02.700'),
(10,28,1,'{\"lines\":[{\"id\":\"step:safety\",\"section\":\"set-up\",\"title\":\"Safety\",\"max\":2,\"proposed\":2,\"reason\":\"Done in its place.\",\"evidence\":[\"c09e3575-06c0-4530-80a1-db939b0d3498\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:over-wires\",\"section\":\"set-up\",\"title\":\"Target over wires\",\"max\":2,\"proposed\":2,\"reason\":\"Right: 30.652 mm, expected 30.652 mm (30.485 to 30.819).\",\"evidence\":[\"8e342c24-b39d-45db-9be5-c9a2e9491558\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:blank\",\"section\":\"set-up\",\"title\":\"Blank\",\"max\":2,\"proposed\":2,\"reason\":\"Right: 29.813 mm, expected 29.813 mm (29.625 to 30.000).\",\"evidence\":[\"fcbadc33-b03d-4a5b-a57f-5c722ac2549f\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:run-out\",\"section\":\"set-up\",\"title\":\"Run-out groove\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 22.998 mm, expected at most 22.998 mm.\",\"evidence\":[\"ad3a1c35-22a7-4f92-bdc6-1cf26c3cc20c\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:holding\",\"section\":\"set-up\",\"title\":\"Holding\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"195e5c24-dd8b-46c3-9ac9-964c41209ae7\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:gearing\",\"section\":\"set-up\",\"title\":\"Gearing\",\"max\":2,\"proposed\":2,\"reason\":\"Right: 6 mm pitch, expected 6 mm pitch.\",\"evidence\":[\"0718d2b5-bec6-440b-bfed-4535c2d35f06\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:speed\",\"section\":\"set-up\",\"title\":\"Spindle speed\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 70 rpm, expected at most 70 rpm.\",\"evidence\":[\"b5a7022f-81ed-4641-9b62-35150a72595e\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:compound\",\"section\":\"set-up\",\"title\":\"Compound\",\"max\":2,\"proposed\":2,\"reason\":\"Right: 14.5°, expected 14.5° (14 to 15).\",\"evidence\":[\"fa473d6b-2618-415c-892c-36994b1964ba\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:tip\",\"section\":\"set-up\",\"title\":\"Tip\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 2.004 mm, expected 2.004 mm (1.954 to 2.054).\",\"evidence\":[\"62b78aab-6697-41a9-a68c-7a1670cba01e\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:tool-square\",\"section\":\"set-up\",\"title\":\"Set the tool\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"65adf651-4beb-4bb5-8dfa-a46e5f99e56e\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:travel\",\"section\":\"set-up\",\"title\":\"Travel\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"c8db18d0-2336-44b9-b1cf-b5bd4997ff1e\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:touch-off\",\"section\":\"set-up\",\"title\":\"Touch off, zero\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"ebcb8a16-5875-4448-8552-d50c7d3173da\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:dry-run\",\"section\":\"set-up\",\"title\":\"Dry run\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"9baf8d39-31a8-4ec6-8b36-ba1aa2732e74\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:instructor-look\",\"section\":\"set-up\",\"title\":\"Instructor looks\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"84c4e96b-0a34-47d8-8456-8b099d295249\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:pitch-check\",\"section\":\"set-up\",\"title\":\"Pitch\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 6 mm pitch, expected 6 mm pitch.\",\"evidence\":[\"4287b3bc-2949-4e4a-803b-0cd24d55fa37\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"passes:schedule\",\"section\":\"passes\",\"title\":\"Schedule kept\",\"max\":7,\"proposed\":7,\"reason\":\"21 of 21 feeding passes within one graduation of the plan.\",\"evidence\":[],\"awarded\":1,\"overrideReason\":\"The last cut was hasty\"},{\"id\":\"passes:infeed\",\"section\":\"passes\",\"title\":\"Largest infeed\",\"max\":5,\"proposed\":5,\"reason\":\"Largest infeed 0.250 mm; the plan allows 0.250 mm.\",\"evidence\":[\"f9a81a30-6beb-4caa-ae67-8186b3f75dde\"],\"awarded\":5,\"overrideReason\":null},{\"id\":\"passes:reversal\",\"section\":\"passes\",\"title\":\"Compound never backed off\",\"max\":3,\"proposed\":3,\"reason\":\"Readings only go in.\",\"evidence\":[],\"awarded\":3,\"overrideReason\":null},{\"id\":\"passes:spring\",\"section\":\"passes\",\"title\":\"Spring passes\",\"max\":5,\"proposed\":5,\"reason\":\"The plan asks for none.\",\"evidence\":[],\"awarded\":5,\"overrideReason\":null},{\"id\":\"result:pitch-diameter\",\"section\":\"result\",\"title\":\"Pitch diameter in limits\",\"max\":30,\"proposed\":30,\"reason\":\"start 26.715, middle 26.715, end 26.715; band 26.547 to 26.882.\",\"evidence\":[\"e5b1f7c4-0d0c-4c3d-8d1d-50ebf6999d92\"],\"awarded\":30,\"overrideReason\":null},{\"id\":\"result:target\",\"section\":\"result\",\"title\":\"Near the target\",\"max\":9,\"proposed\":9,\"reason\":\"Mean 26.715 is 0.000 from the target 26.715; full points to a quarter of the tolerance, none at three quarters.\",\"evidence\":[\"e5b1f7c4-0d0c-4c3d-8d1d-50ebf6999d92\"],\"awarded\":9,\"overrideReason\":null},{\"id\":\"result:taper\",\"section\":\"result\",\"title\":\"Even along the length\",\"max\":6,\"proposed\":6,\"reason\":\"Spread 0.000; a quarter of the tolerance is 0.084.\",\"evidence\":[\"e5b1f7c4-0d0c-4c3d-8d1d-50ebf6999d92\"],\"awarded\":6,\"overrideReason\":null},{\"id\":\"result:crest\",\"section\":\"result\",\"title\":\"Major diameter in limits\",\"max\":15,\"proposed\":15,\"reason\":\"29.813; limits 29.625 to 30.000.\",\"evidence\":[\"e5b1f7c4-0d0c-4c3d-8d1d-50ebf6999d92\"],\"awarded\":15,\"overrideReason\":null}],\"cap\":null,\"capLiftedReason\":null,\"comment\":\"Read the dial aloud.\",\"total\":94}',94.00,1,'2026-11-25 15:55:03.390'),
(11,29,1,'{\"lines\":[{\"id\":\"step:safety\",\"section\":\"set-up\",\"title\":\"Safety\",\"max\":2,\"proposed\":0,\"reason\":\"Not recorded.\",\"evidence\":[],\"awarded\":0,\"overrideReason\":null},{\"id\":\"step:over-wires\",\"section\":\"set-up\",\"title\":\"Target over wires\",\"max\":2,\"proposed\":2,\"reason\":\"Right: 30.652 mm, expected 30.652 mm (30.485 to 30.819).\",\"evidence\":[\"cf6766bd-1cb8-4ab7-9a5e-c0e06051de8a\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:blank\",\"section\":\"set-up\",\"title\":\"Blank\",\"max\":2,\"proposed\":0,\"reason\":\"Out of limits: 34.813 mm, expected 29.813 mm (29.625 to 30.000).\",\"evidence\":[\"38578b06-834b-4a88-a684-9c5d88efef05\"],\"awarded\":0,\"overrideReason\":null},{\"id\":\"step:run-out\",\"section\":\"set-up\",\"title\":\"Run-out groove\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 22.998 mm, expected at most 22.998 mm.\",\"evidence\":[\"ca30bf07-8fe1-4684-8c76-e11421b33d8f\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:holding\",\"section\":\"set-up\",\"title\":\"Holding\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"198057e1-8402-4b88-b6f8-d7f5afcaeac0\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:gearing\",\"section\":\"set-up\",\"title\":\"Gearing\",\"max\":2,\"proposed\":2,\"reason\":\"Right: 6 mm pitch, expected 6 mm pitch.\",\"evidence\":[\"18f50c03-f127-4bc0-bf06-3e905caf265f\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:speed\",\"section\":\"set-up\",\"title\":\"Spindle speed\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 70 rpm, expected at most 70 rpm.\",\"evidence\":[\"13195257-6de6-4da9-beb3-4d3121cb5fed\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:compound\",\"section\":\"set-up\",\"title\":\"Compound\",\"max\":2,\"proposed\":2,\"reason\":\"Right: 14.5°, expected 14.5° (14 to 15).\",\"evidence\":[\"cb59cf56-46a3-4b92-a2e0-788b2dd354a0\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:tip\",\"section\":\"set-up\",\"title\":\"Tip\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 2.004 mm, expected 2.004 mm (1.954 to 2.054).\",\"evidence\":[\"077fce4a-8766-450c-9671-906dab0ac745\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:tool-square\",\"section\":\"set-up\",\"title\":\"Set the tool\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"6aea7009-10e1-4595-b57c-ebe848ff0079\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:travel\",\"section\":\"set-up\",\"title\":\"Travel\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"5d0cff13-3792-4e48-ac15-7849a09e869d\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:touch-off\",\"section\":\"set-up\",\"title\":\"Touch off, zero\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"7238ca58-ab1a-4907-a0c6-d56462fdb3d7\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:dry-run\",\"section\":\"set-up\",\"title\":\"Dry run\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"d5835b8d-3e34-4b11-8899-d0cc254eec7b\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:instructor-look\",\"section\":\"set-up\",\"title\":\"Instructor looks\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"4275a353-d48c-4573-9c61-aacd8c01d5f7\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:pitch-check\",\"section\":\"set-up\",\"title\":\"Pitch\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 6 mm pitch, expected 6 mm pitch.\",\"evidence\":[\"2c59e291-f14c-4b25-a29b-b2e9043617c4\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"passes:schedule\",\"section\":\"passes\",\"title\":\"Schedule kept\",\"max\":7,\"proposed\":7,\"reason\":\"21 of 21 feeding passes within one graduation of the plan.\",\"evidence\":[],\"awarded\":7,\"overrideReason\":null},{\"id\":\"passes:infeed\",\"section\":\"passes\",\"title\":\"Largest infeed\",\"max\":5,\"proposed\":5,\"reason\":\"Largest infeed 0.250 mm; the plan allows 0.250 mm.\",\"evidence\":[\"b4502222-292e-4327-b321-12098ab4abdb\"],\"awarded\":5,\"overrideReason\":null},{\"id\":\"passes:reversal\",\"section\":\"passes\",\"title\":\"Compound never backed off\",\"max\":3,\"proposed\":3,\"reason\":\"Readings only go in.\",\"evidence\":[],\"awarded\":3,\"overrideReason\":null},{\"id\":\"passes:spring\",\"section\":\"passes\",\"title\":\"Spring passes\",\"max\":5,\"proposed\":5,\"reason\":\"The plan asks for none.\",\"evidence\":[],\"awarded\":5,\"overrideReason\":null},{\"id\":\"result:pitch-diameter\",\"section\":\"result\",\"title\":\"Pitch diameter in limits\",\"max\":30,\"proposed\":30,\"reason\":\"start 26.715, middle 26.715, end 26.715; band 26.547 to 26.882.\",\"evidence\":[\"5ad33190-2580-4527-b633-871de3e919b4\"],\"awarded\":30,\"overrideReason\":null},{\"id\":\"result:target\",\"section\":\"result\",\"title\":\"Near the target\",\"max\":9,\"proposed\":9,\"reason\":\"Mean 26.715 is 0.000 from the target 26.715; full points to a quarter of the tolerance, none at three quarters.\",\"evidence\":[\"5ad33190-2580-4527-b633-871de3e919b4\"],\"awarded\":9,\"overrideReason\":null},{\"id\":\"result:taper\",\"section\":\"result\",\"title\":\"Even along the length\",\"max\":6,\"proposed\":6,\"reason\":\"Spread 0.000; a quarter of the tolerance is 0.084.\",\"evidence\":[\"5ad33190-2580-4527-b633-871de3e919b4\"],\"awarded\":6,\"overrideReason\":null},{\"id\":\"result:crest\",\"section\":\"result\",\"title\":\"Major diameter in limits\",\"max\":15,\"proposed\":15,\"reason\":\"29.813; limits 29.625 to 30.000.\",\"evidence\":[\"5ad33190-2580-4527-b633-871de3e919b4\"],\"awarded\":15,\"overrideReason\":null}],\"cap\":{\"most\":40,\"reason\":\"“Safety” was not recorded before the first cut: at most 40.\"},\"capLiftedReason\":\"Glasses were on, I saw it\",\"comment\":\"\",\"total\":96}',96.00,1,'2026-11-25 15:55:03.983'),
(12,30,1,'{\"lines\":[{\"id\":\"step:safety\",\"section\":\"set-up\",\"title\":\"Safety\",\"max\":3,\"proposed\":3,\"reason\":\"Done in its place.\",\"evidence\":[\"659d84d2-0603-4a17-a10f-d5a47dc34781\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:over-wires\",\"section\":\"set-up\",\"title\":\"Target over wires\",\"max\":3,\"proposed\":3,\"reason\":\"Right: 0.8923 in, expected 0.8923 in (0.8891 to 0.8955).\",\"evidence\":[\"15aff214-78b1-4977-beb3-47046e9b51cd\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:blank\",\"section\":\"set-up\",\"title\":\"Blank\",\"max\":3,\"proposed\":3,\"reason\":\"Right: 0.8702 in, expected 0.8702 in (0.8653 to 0.8750).\",\"evidence\":[\"001dfcc8-a7e8-4383-9181-76263ce44de7\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:run-out\",\"section\":\"set-up\",\"title\":\"Run-out groove\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 0.7203 in, expected at most 0.7203 in.\",\"evidence\":[\"dad80796-ec2c-4e37-8256-18380be59fb4\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:holding\",\"section\":\"set-up\",\"title\":\"Holding\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"330bb772-edee-4faa-b730-6c02b71a82de\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:gearing\",\"section\":\"set-up\",\"title\":\"Gearing\",\"max\":3,\"proposed\":3,\"reason\":\"Right: 9 TPI, expected 9 TPI.\",\"evidence\":[\"05fcf97e-5a8b-457a-9cfa-311507f7f0a1\"],\"awarded\":3,\"overrideReason\":null},{\"id\":\"step:speed\",\"section\":\"set-up\",\"title\":\"Spindle speed\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 70 rpm, expected at most 70 rpm.\",\"evidence\":[\"7b1fa1b3-2127-4fa0-80a2-ad0a54803f1b\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:compound\",\"section\":\"set-up\",\"title\":\"Compound\",\"max\":4,\"proposed\":4,\"reason\":\"Right: 27°, expected 27° (26.5 to 27.5).\",\"evidence\":[\"0fdabffa-f483-4a93-8f3b-ed709769c0f4\"],\"awarded\":4,\"overrideReason\":null},{\"id\":\"step:tip\",\"section\":\"set-up\",\"title\":\"Tip\",\"max\":1,\"proposed\":1,\"reason\":\"Right: 0.0113 in, expected 0.0113 in (0.0093 to 0.0133).\",\"evidence\":[\"a438248b-adc4-416a-96e2-eb1e9f446fba\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:tool-square\",\"section\":\"set-up\",\"title\":\"Set the tool\",\"max\":2,\"proposed\":2,\"reason\":\"Done in its place.\",\"evidence\":[\"c3a6a5c1-f7b0-4771-a68a-b5cc67724b4d\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:travel\",\"section\":\"set-up\",\"title\":\"Travel\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"a123b179-3429-47ef-a99f-465a41fc1e84\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:touch-off\",\"section\":\"set-up\",\"title\":\"Touch off, zero\",\"max\":2,\"proposed\":2,\"reason\":\"Done in its place.\",\"evidence\":[\"c4565bf8-45a9-42ee-82d9-55f1c32b9a2c\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:dry-run\",\"section\":\"set-up\",\"title\":\"Dry run\",\"max\":1,\"proposed\":1,\"reason\":\"Done in its place.\",\"evidence\":[\"56c99966-9235-488c-a661-dad6a3ff250b\"],\"awarded\":1,\"overrideReason\":null},{\"id\":\"step:instructor-look\",\"section\":\"set-up\",\"title\":\"Instructor looks\",\"max\":2,\"proposed\":2,\"reason\":\"Done in its place.\",\"evidence\":[\"59d8bb7c-6216-48b3-a7c2-f335c65578ba\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"step:pitch-check\",\"section\":\"set-up\",\"title\":\"Pitch\",\"max\":2,\"proposed\":2,\"reason\":\"Right: 9 TPI, expected 9 TPI.\",\"evidence\":[\"902e81f0-8c84-4111-ba4b-4b8d7045bfc8\"],\"awarded\":2,\"overrideReason\":null},{\"id\":\"passes:schedule\",\"section\":\"passes\",\"title\":\"Schedule kept\",\"max\":10,\"proposed\":10,\"reason\":\"18 of 18 feeding passes within one graduation of the plan.\",\"evidence\":[],\"awarded\":1,\"overrideReason\":\"The last cut was hasty\"},{\"id\":\"passes:infeed\",\"section\":\"passes\",\"title\":\"Largest infeed\",\"max\":7,\"proposed\":7,\"reason\":\"Largest infeed 0.0130 in; the plan allows 0.0130 in.\",\"evidence\":[\"c4f2e28f-9096-449a-bce3-632c8da5aae6\"],\"awarded\":7,\"overrideReason\":null},{\"id\":\"passes:reversal\",\"section\":\"passes\",\"title\":\"Compound never backed off\",\"max\":5,\"proposed\":5,\"reason\":\"Readings only go in.\",\"evidence\":[],\"awarded\":5,\"overrideReason\":null},{\"id\":\"passes:spring\",\"section\":\"passes\",\"title\":\"Spring passes\",\"max\":8,\"proposed\":8,\"reason\":\"2 taken, 2 planned.\",\"evidence\":[\"393fb1f6-fb6f-4fd7-b8df-5206d650b970\",\"be673a6b-2f96-4972-80f7-53df8df8d0f5\"],\"awarded\":8,\"overrideReason\":null},{\"id\":\"result:pitch-diameter\",\"section\":\"result\",\"title\":\"Pitch diameter in limits\",\"max\":20,\"proposed\":20,\"reason\":\"start 0.8007, middle 0.8009, end 0.8005; band 0.7975 to 0.8039.\",\"evidence\":[\"47d785c0-ed11-484d-a0df-4834a797eec7\"],\"awarded\":20,\"overrideReason\":null},{\"id\":\"result:target\",\"section\":\"result\",\"title\":\"Near the target\",\"max\":6,\"proposed\":6,\"reason\":\"Mean 0.8007 is 0.0000 from the target 0.8007; full points to a quarter of the tolerance, none at three quarters.\",\"evidence\":[\"47d785c0-ed11-484d-a0df-4834a797eec7\"],\"awarded\":6,\"overrideReason\":null},{\"id\":\"result:taper\",\"section\":\"result\",\"title\":\"Even along the length\",\"max\":4,\"proposed\":4,\"reason\":\"Spread 0.0004; a quarter of the tolerance is 0.0016.\",\"evidence\":[\"47d785c0-ed11-484d-a0df-4834a797eec7\"],\"awarded\":4,\"overrideReason\":null},{\"id\":\"result:crest\",\"section\":\"result\",\"title\":\"Major diameter in limits\",\"max\":10,\"proposed\":10,\"reason\":\"0.8702; limits 0.8653 to 0.8750.\",\"evidence\":[\"47d785c0-ed11-484d-a0df-4834a797eec7\"],\"awarded\":10,\"overrideReason\":null}],\"cap\":null,\"capLiftedReason\":null,\"comment\":\"Read the dial aloud.\",\"total\":91}',91.00,1,'2026-11-25 15:55:04.611');
/*!40000 ALTER TABLE `mark_decisions` ENABLE KEYS */;
UNLOCK TABLES;
/*!50003 SET @saved_cs_client      = @@character_set_client */ ;
/*!50003 SET @saved_cs_results     = @@character_set_results */ ;
/*!50003 SET @saved_col_connection = @@collation_connection */ ;
/*!50003 SET character_set_client  = utf8mb4 */ ;
/*!50003 SET character_set_results = utf8mb4 */ ;
/*!50003 SET collation_connection  = utf8mb4_unicode_ci */ ;
/*!50003 SET @saved_sql_mode       = @@sql_mode */ ;
/*!50003 SET sql_mode              = 'IGNORE_SPACE,STRICT_TRANS_TABLES,ERROR_FOR_DIVISION_BY_ZERO,NO_AUTO_CREATE_USER,NO_ENGINE_SUBSTITUTION' */ ;
DELIMITER ;;
/*!50003 CREATE*/ /*!50003 TRIGGER mark_decisions_no_update BEFORE UPDATE ON mark_decisions FOR EACH ROW
       IF COALESCE(@oyakata_forgets, 0) <> 1 THEN
         SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'mark_decisions are append-only';
       END IF 
*/;;
DELIMITER ;
/*!50003 SET sql_mode              = @saved_sql_mode */ ;
/*!50003 SET character_set_client  = @saved_cs_client */ ;
/*!50003 SET character_set_results = @saved_cs_results */ ;
/*!50003 SET collation_connection  = @saved_col_connection */ ;
/*!50003 SET @saved_cs_client      = @@character_set_client */ ;
/*!50003 SET @saved_cs_results     = @@character_set_results */ ;
/*!50003 SET @saved_col_connection = @@collation_connection */ ;
/*!50003 SET character_set_client  = utf8mb4 */ ;
/*!50003 SET character_set_results = utf8mb4 */ ;
/*!50003 SET collation_connection  = utf8mb4_unicode_ci */ ;
/*!50003 SET @saved_sql_mode       = @@sql_mode */ ;
/*!50003 SET sql_mode              = 'IGNORE_SPACE,STRICT_TRANS_TABLES,ERROR_FOR_DIVISION_BY_ZERO,NO_AUTO_CREATE_USER,NO_ENGINE_SUBSTITUTION' */ ;
DELIMITER ;;
/*!50003 CREATE*/ /*!50003 TRIGGER IF NOT EXISTS mark_decisions_no_delete BEFORE DELETE ON mark_decisions FOR EACH ROW
         SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'mark_decisions are append-only' 
*/;;
DELIMITER ;
/*!50003 SET sql_mode              = @saved_sql_mode */ ;
/*!50003 SET character_set_client  = @saved_cs_client */ ;
/*!50003 SET character_set_results = @saved_cs_results */ ;
/*!50003 SET collation_connection  = @saved_col_connection */ ;

--
-- Table structure for table `memberships`
--

DROP TABLE IF EXISTS `memberships`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `memberships` (
  `class_id` int(11) NOT NULL,
  `person_id` int(11) NOT NULL,
  `role` varchar(20) NOT NULL CHECK (`role` in ('instructor','helper','student')),
  PRIMARY KEY (`class_id`,`person_id`),
  KEY `person_id` (`person_id`),
  CONSTRAINT `memberships_ibfk_1` FOREIGN KEY (`class_id`) REFERENCES `classes` (`id`),
  CONSTRAINT `memberships_ibfk_2` FOREIGN KEY (`person_id`) REFERENCES `people` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_general_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `memberships`
--

LOCK TABLES `memberships` WRITE;
/*!40000 ALTER TABLE `memberships` DISABLE KEYS */;
INSERT INTO `memberships` VALUES
(1,1,'instructor'),
(1,2,'student'),
(1,3,'student'),
(1,4,'student'),
(1,5,'student'),
(1,6,'student'),
(1,7,'student'),
(1,8,'student'),
(1,9,'student'),
(1,10,'student'),
(1,11,'student'),
(1,12,'student'),
(1,13,'student');
/*!40000 ALTER TABLE `memberships` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `migrations`
--

DROP TABLE IF EXISTS `migrations`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `migrations` (
  `name` varchar(255) NOT NULL,
  PRIMARY KEY (`name`),
  UNIQUE KEY `name` (`name`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb3 COLLATE=utf8mb3_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `migrations`
--

LOCK TABLES `migrations` WRITE;
/*!40000 ALTER TABLE `migrations` DISABLE KEYS */;
INSERT INTO `migrations` VALUES
('0001-first-tables'),
('0002-sessions: draft save id'),
('0002-sessions: sessions table'),
('0003-documents: a helper is a role too'),
('0003-documents: attempts belong to a hand-out'),
('0003-documents: decisions of version 1'),
('0003-documents: enrolments are memberships'),
('0003-documents: entries have an envelope'),
('0003-documents: exercises show title and thread'),
('0003-documents: frozen rows'),
('0003-documents: instructors are members'),
('0003-documents: lathes of drafts'),
('0003-documents: lathes, sheets and schemes of version 1'),
('0003-documents: marks are decisions'),
('0003-documents: memberships of version 1'),
('0003-documents: summaries of version 1'),
('0003-documents: table attempt_summaries'),
('0003-documents: table hand_out_sheets'),
('0003-documents: table hand_outs'),
('0003-documents: table mark_decisions'),
('0003-documents: table memberships'),
('0003-documents: table refused_entries'),
('0003-documents: table schemes'),
('0003-documents: table sheets'),
('0003-documents: table shop'),
('0003-documents: table shop_items'),
('0003-documents: table shop_revisions'),
('0003-documents: table texts'),
('0003-documents: the shop'),
('0003-documents: titles of exercises'),
('0003-documents: words can be taken out');
/*!40000 ALTER TABLE `migrations` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `people`
--

DROP TABLE IF EXISTS `people`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `people` (
  `id` int(11) NOT NULL AUTO_INCREMENT,
  `name` varchar(120) NOT NULL,
  `role` varchar(20) NOT NULL CHECK (`role` in ('instructor','helper','student')),
  PRIMARY KEY (`id`)
) ENGINE=InnoDB AUTO_INCREMENT=14 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_general_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `people`
--

LOCK TABLES `people` WRITE;
/*!40000 ALTER TABLE `people` DISABLE KEYS */;
INSERT INTO `people` VALUES
(1,'Mio Tanabe','instructor'),
(2,'Ana Brandt','student'),
(3,'Bela Okoro','student'),
(4,'Chidi Lind','student'),
(5,'Daria Novak','student'),
(6,'Emil Sato','student'),
(7,'Farah Weiss','student'),
(8,'Goran Pike','student'),
(9,'Hana Ruiz','student'),
(10,'Ivo Mensah','student'),
(11,'Juno Hartley','student'),
(12,'Kofi Albers','student'),
(13,'Lena Dvorak','student');
/*!40000 ALTER TABLE `people` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `refused_entries`
--

DROP TABLE IF EXISTS `refused_entries`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `refused_entries` (
  `id` int(11) NOT NULL AUTO_INCREMENT,
  `client_id` char(36) NOT NULL,
  `attempt_id` int(11) NOT NULL,
  `author_id` int(11) NOT NULL,
  `reason` varchar(500) NOT NULL,
  `sent` longtext CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL CHECK (json_valid(`sent`)),
  `refused_at` datetime(3) NOT NULL,
  PRIMARY KEY (`id`),
  KEY `author_id` (`author_id`),
  KEY `attempt_id` (`attempt_id`),
  CONSTRAINT `refused_entries_ibfk_1` FOREIGN KEY (`attempt_id`) REFERENCES `attempts` (`id`),
  CONSTRAINT `refused_entries_ibfk_2` FOREIGN KEY (`author_id`) REFERENCES `people` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_general_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `refused_entries`
--

LOCK TABLES `refused_entries` WRITE;
/*!40000 ALTER TABLE `refused_entries` DISABLE KEYS */;
/*!40000 ALTER TABLE `refused_entries` ENABLE KEYS */;
UNLOCK TABLES;
/*!50003 SET @saved_cs_client      = @@character_set_client */ ;
/*!50003 SET @saved_cs_results     = @@character_set_results */ ;
/*!50003 SET @saved_col_connection = @@collation_connection */ ;
/*!50003 SET character_set_client  = utf8mb4 */ ;
/*!50003 SET character_set_results = utf8mb4 */ ;
/*!50003 SET collation_connection  = utf8mb4_unicode_ci */ ;
/*!50003 SET @saved_sql_mode       = @@sql_mode */ ;
/*!50003 SET sql_mode              = 'IGNORE_SPACE,STRICT_TRANS_TABLES,ERROR_FOR_DIVISION_BY_ZERO,NO_AUTO_CREATE_USER,NO_ENGINE_SUBSTITUTION' */ ;
DELIMITER ;;
/*!50003 CREATE*/ /*!50003 TRIGGER refused_entries_no_update BEFORE UPDATE ON refused_entries FOR EACH ROW
       IF COALESCE(@oyakata_forgets, 0) <> 1 THEN
         SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'refused_entries are append-only';
       END IF 
*/;;
DELIMITER ;
/*!50003 SET sql_mode              = @saved_sql_mode */ ;
/*!50003 SET character_set_client  = @saved_cs_client */ ;
/*!50003 SET character_set_results = @saved_cs_results */ ;
/*!50003 SET collation_connection  = @saved_col_connection */ ;
/*!50003 SET @saved_cs_client      = @@character_set_client */ ;
/*!50003 SET @saved_cs_results     = @@character_set_results */ ;
/*!50003 SET @saved_col_connection = @@collation_connection */ ;
/*!50003 SET character_set_client  = utf8mb4 */ ;
/*!50003 SET character_set_results = utf8mb4 */ ;
/*!50003 SET collation_connection  = utf8mb4_unicode_ci */ ;
/*!50003 SET @saved_sql_mode       = @@sql_mode */ ;
/*!50003 SET sql_mode              = 'IGNORE_SPACE,STRICT_TRANS_TABLES,ERROR_FOR_DIVISION_BY_ZERO,NO_AUTO_CREATE_USER,NO_ENGINE_SUBSTITUTION' */ ;
DELIMITER ;;
/*!50003 CREATE*/ /*!50003 TRIGGER IF NOT EXISTS refused_entries_no_delete BEFORE DELETE ON refused_entries FOR EACH ROW
         SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'refused_entries are append-only' 
*/;;
DELIMITER ;
/*!50003 SET sql_mode              = @saved_sql_mode */ ;
/*!50003 SET character_set_client  = @saved_cs_client */ ;
/*!50003 SET character_set_results = @saved_cs_results */ ;
/*!50003 SET collation_connection  = @saved_col_connection */ ;

--
-- Table structure for table `revisions`
--

DROP TABLE IF EXISTS `revisions`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `revisions` (
  `id` int(11) NOT NULL AUTO_INCREMENT,
  `exercise_id` int(11) NOT NULL,
  `number` int(11) NOT NULL,
  `plan` longtext CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL CHECK (json_valid(`plan`)),
  `issued_by_id` int(11) NOT NULL,
  `issued_at` datetime(3) NOT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `exercise_id` (`exercise_id`,`number`),
  KEY `issued_by_id` (`issued_by_id`),
  CONSTRAINT `revisions_ibfk_1` FOREIGN KEY (`exercise_id`) REFERENCES `exercises` (`id`),
  CONSTRAINT `revisions_ibfk_2` FOREIGN KEY (`issued_by_id`) REFERENCES `people` (`id`)
) ENGINE=InnoDB AUTO_INCREMENT=8 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_general_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `revisions`
--

LOCK TABLES `revisions` WRITE;
/*!40000 ALTER TABLE `revisions` DISABLE KEYS */;
INSERT INTO `revisions` VALUES
(1,1,1,'{\"format\":\"oyakata-plan\",\"version\":1,\"title\":\"Levelling foot\",\"thread\":\"M16x2-6g\",\"blankDiameter\":{\"value\":15.88,\"unit\":\"mm\"},\"tip\":{\"kind\":\"radius\",\"radius\":{\"value\":0.288,\"unit\":\"mm\"}},\"compoundAngleDeg\":29.5,\"swivelZero\":\"cross-slide\",\"targetPitchDiameter\":{\"value\":14.583,\"unit\":\"mm\"},\"wireDiameter\":{\"value\":1.1547,\"unit\":\"mm\"},\"dial\":{\"graduation\":{\"value\":0.02,\"unit\":\"mm\"},\"perTurn\":{\"value\":2,\"unit\":\"mm\"}},\"scratchInfeed\":{\"value\":0.04,\"unit\":\"mm\"},\"roughingPasses\":11,\"largestInfeed\":{\"value\":0.26,\"unit\":\"mm\"},\"finishingPasses\":2,\"finishingInfeed\":{\"value\":0.02,\"unit\":\"mm\"},\"springPasses\":2,\"spindleSpeedRpm\":70,\"runOutWidth\":{\"value\":6,\"unit\":\"mm\"},\"marking\":{\"setUp\":30,\"passes\":30,\"result\":40}}',1,'2026-11-13 08:30:00.000'),
(2,2,1,'{\"format\":\"oyakata-plan\",\"version\":1,\"title\":\"Clamp screw\",\"thread\":\"3/4-16 UNF-2A\",\"blankDiameter\":{\"value\":0.744,\"unit\":\"in\"},\"tip\":{\"kind\":\"flat\",\"flat\":{\"value\":0.0078,\"unit\":\"in\"}},\"compoundAngleDeg\":29.5,\"swivelZero\":\"bed\",\"targetPitchDiameter\":{\"value\":0.7054,\"unit\":\"in\"},\"wireDiameter\":{\"value\":0.03608,\"unit\":\"in\"},\"dial\":{\"graduation\":{\"value\":0.001,\"unit\":\"in\"},\"perTurn\":{\"value\":0.1,\"unit\":\"in\"}},\"scratchInfeed\":{\"value\":0.002,\"unit\":\"in\"},\"roughingPasses\":9,\"largestInfeed\":{\"value\":0.01,\"unit\":\"in\"},\"finishingPasses\":2,\"finishingInfeed\":{\"value\":0.001,\"unit\":\"in\"},\"springPasses\":2,\"spindleSpeedRpm\":70,\"runOutWidth\":{\"value\":0.188,\"unit\":\"in\"},\"marking\":{\"setUp\":30,\"passes\":30,\"result\":40}}',1,'2026-11-18 08:30:00.000'),
(3,3,1,'{\"format\":\"oyakata-plan\",\"version\":1,\"title\":\"Platen stud\",\"thread\":\"3/8-24 UNF-3A\",\"blankDiameter\":{\"value\":0.3714,\"unit\":\"in\"},\"tip\":{\"kind\":\"sharp\"},\"compoundAngleDeg\":29,\"swivelZero\":\"cross-slide\",\"targetPitchDiameter\":{\"value\":0.3465,\"unit\":\"in\"},\"wireDiameter\":{\"value\":0.02406,\"unit\":\"in\"},\"dial\":{\"graduation\":{\"value\":0.001,\"unit\":\"in\"},\"perTurn\":{\"value\":0.1,\"unit\":\"in\"}},\"scratchInfeed\":{\"value\":0.002,\"unit\":\"in\"},\"roughingPasses\":5,\"largestInfeed\":{\"value\":0.013,\"unit\":\"in\"},\"finishingPasses\":2,\"finishingInfeed\":{\"value\":0.001,\"unit\":\"in\"},\"springPasses\":2,\"spindleSpeedRpm\":100,\"runOutWidth\":{\"value\":0.125,\"unit\":\"in\"},\"marking\":{\"setUp\":30,\"passes\":30,\"result\":40}}',1,'2026-11-22 08:30:00.000'),
(4,4,1,'{\"format\":\"oyakata-plan\",\"version\":1,\"title\":\"Press nut\",\"thread\":\"7/8-9 UNC-2B\",\"blankDiameter\":{\"value\":0.7665,\"unit\":\"in\"},\"tip\":{\"kind\":\"insert\",\"radius\":{\"value\":0.0093,\"unit\":\"in\"},\"pitchFrom\":{\"value\":0.1,\"unit\":\"in\"},\"pitchTo\":{\"value\":0.125,\"unit\":\"in\"}},\"compoundAngleDeg\":29.5,\"swivelZero\":\"cross-slide\",\"targetPitchDiameter\":{\"value\":0.8069,\"unit\":\"in\"},\"wireDiameter\":{\"value\":0.06415,\"unit\":\"in\"},\"dial\":{\"graduation\":{\"value\":0.001,\"unit\":\"in\"},\"perTurn\":{\"value\":0.1,\"unit\":\"in\"}},\"scratchInfeed\":{\"value\":0.002,\"unit\":\"in\"},\"roughingPasses\":13,\"largestInfeed\":{\"value\":0.012,\"unit\":\"in\"},\"finishingPasses\":2,\"finishingInfeed\":{\"value\":0.001,\"unit\":\"in\"},\"springPasses\":2,\"spindleSpeedRpm\":70,\"runOutWidth\":{\"value\":0.333,\"unit\":\"in\"},\"marking\":{\"setUp\":30,\"passes\":30,\"result\":40}}',1,'2026-11-25 15:55:00.394'),
(5,5,1,'{\"format\":\"oyakata-plan\",\"version\":1,\"title\":\"Adjuster trial\",\"thread\":\"M30x2-6g\",\"blankDiameter\":{\"value\":29.822,\"unit\":\"mm\"},\"tip\":{\"kind\":\"flat\",\"flat\":{\"value\":0.25,\"unit\":\"mm\"}},\"compoundAngleDeg\":29,\"swivelZero\":\"bed\",\"targetPitchDiameter\":{\"value\":28.578,\"unit\":\"mm\"},\"wireDiameter\":{\"value\":1.1547,\"unit\":\"mm\"},\"dial\":{\"graduation\":{\"value\":0.001,\"unit\":\"in\"},\"perTurn\":{\"value\":0.1,\"unit\":\"in\"}},\"scratchInfeed\":{\"value\":0.002,\"unit\":\"in\"},\"roughingPasses\":12,\"largestInfeed\":{\"value\":0.01,\"unit\":\"in\"},\"finishingPasses\":2,\"finishingInfeed\":{\"value\":0.001,\"unit\":\"in\"},\"springPasses\":2,\"spindleSpeedRpm\":70,\"runOutWidth\":{\"value\":6,\"unit\":\"mm\"},\"marking\":{\"setUp\":30,\"passes\":30,\"result\":40}}',1,'2026-11-25 15:55:01.995'),
(6,6,1,'{\"format\":\"oyakata-plan\",\"version\":1,\"title\":\"Spindle\",\"thread\":\"Tr30x6-7e\",\"blankDiameter\":{\"value\":29.813,\"unit\":\"mm\"},\"tip\":{\"kind\":\"flat\",\"flat\":{\"value\":2.004,\"unit\":\"mm\"}},\"compoundAngleDeg\":14.5,\"swivelZero\":\"cross-slide\",\"targetPitchDiameter\":{\"value\":26.715,\"unit\":\"mm\"},\"wireDiameter\":{\"value\":3.1058,\"unit\":\"mm\"},\"dial\":{\"graduation\":{\"value\":0.05,\"unit\":\"mm\"},\"perTurn\":{\"value\":4,\"unit\":\"mm\"}},\"scratchInfeed\":{\"value\":0.05,\"unit\":\"mm\"},\"roughingPasses\":18,\"largestInfeed\":{\"value\":0.25,\"unit\":\"mm\"},\"finishingPasses\":2,\"finishingInfeed\":{\"value\":0.05,\"unit\":\"mm\"},\"springPasses\":0,\"spindleSpeedRpm\":70,\"runOutWidth\":{\"value\":18,\"unit\":\"mm\"},\"marking\":{\"setUp\":20,\"passes\":20,\"result\":60}}',1,'2026-11-25 15:55:02.719'),
(7,7,1,'{\"format\":\"oyakata-plan\",\"version\":1,\"title\":\"Old bolt\",\"thread\":\"7/8-9 BSW medium bolt\",\"blankDiameter\":{\"value\":0.8702,\"unit\":\"in\"},\"tip\":{\"kind\":\"radius\",\"radius\":{\"value\":0.0113,\"unit\":\"in\"}},\"compoundAngleDeg\":27,\"swivelZero\":\"cross-slide\",\"targetPitchDiameter\":{\"value\":0.8007,\"unit\":\"in\"},\"wireDiameter\":{\"value\":0.06263,\"unit\":\"in\"},\"dial\":{\"graduation\":{\"value\":0.001,\"unit\":\"in\"},\"perTurn\":{\"value\":0.1,\"unit\":\"in\"}},\"scratchInfeed\":{\"value\":0.002,\"unit\":\"in\"},\"roughingPasses\":15,\"largestInfeed\":{\"value\":0.013,\"unit\":\"in\"},\"finishingPasses\":2,\"finishingInfeed\":{\"value\":0.001,\"unit\":\"in\"},\"springPasses\":2,\"spindleSpeedRpm\":70,\"runOutWidth\":{\"value\":0.333,\"unit\":\"in\"},\"marking\":{\"setUp\":30,\"passes\":30,\"result\":40}}',1,'2026-11-25 15:55:04.012');
/*!40000 ALTER TABLE `revisions` ENABLE KEYS */;
UNLOCK TABLES;
/*!50003 SET @saved_cs_client      = @@character_set_client */ ;
/*!50003 SET @saved_cs_results     = @@character_set_results */ ;
/*!50003 SET @saved_col_connection = @@collation_connection */ ;
/*!50003 SET character_set_client  = utf8mb4 */ ;
/*!50003 SET character_set_results = utf8mb4 */ ;
/*!50003 SET collation_connection  = utf8mb4_unicode_ci */ ;
/*!50003 SET @saved_sql_mode       = @@sql_mode */ ;
/*!50003 SET sql_mode              = 'IGNORE_SPACE,STRICT_TRANS_TABLES,ERROR_FOR_DIVISION_BY_ZERO,NO_AUTO_CREATE_USER,NO_ENGINE_SUBSTITUTION' */ ;
DELIMITER ;;
/*!50003 CREATE*/ /*!50003 TRIGGER IF NOT EXISTS revisions_no_update BEFORE UPDATE ON revisions FOR EACH ROW
         SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'revisions are append-only' 
*/;;
DELIMITER ;
/*!50003 SET sql_mode              = @saved_sql_mode */ ;
/*!50003 SET character_set_client  = @saved_cs_client */ ;
/*!50003 SET character_set_results = @saved_cs_results */ ;
/*!50003 SET collation_connection  = @saved_col_connection */ ;
/*!50003 SET @saved_cs_client      = @@character_set_client */ ;
/*!50003 SET @saved_cs_results     = @@character_set_results */ ;
/*!50003 SET @saved_col_connection = @@collation_connection */ ;
/*!50003 SET character_set_client  = utf8mb4 */ ;
/*!50003 SET character_set_results = utf8mb4 */ ;
/*!50003 SET collation_connection  = utf8mb4_unicode_ci */ ;
/*!50003 SET @saved_sql_mode       = @@sql_mode */ ;
/*!50003 SET sql_mode              = 'IGNORE_SPACE,STRICT_TRANS_TABLES,ERROR_FOR_DIVISION_BY_ZERO,NO_AUTO_CREATE_USER,NO_ENGINE_SUBSTITUTION' */ ;
DELIMITER ;;
/*!50003 CREATE*/ /*!50003 TRIGGER IF NOT EXISTS revisions_no_delete BEFORE DELETE ON revisions FOR EACH ROW
         SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'revisions are append-only' 
*/;;
DELIMITER ;
/*!50003 SET sql_mode              = @saved_sql_mode */ ;
/*!50003 SET character_set_client  = @saved_cs_client */ ;
/*!50003 SET character_set_results = @saved_cs_results */ ;
/*!50003 SET collation_connection  = @saved_col_connection */ ;

--
-- Table structure for table `schemes`
--

DROP TABLE IF EXISTS `schemes`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `schemes` (
  `id` int(11) NOT NULL AUTO_INCREMENT,
  `content_hash` char(64) NOT NULL,
  `document` longtext CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL CHECK (json_valid(`document`)),
  PRIMARY KEY (`id`),
  UNIQUE KEY `content_hash` (`content_hash`)
) ENGINE=InnoDB AUTO_INCREMENT=8 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_general_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `schemes`
--

LOCK TABLES `schemes` WRITE;
/*!40000 ALTER TABLE `schemes` DISABLE KEYS */;
INSERT INTO `schemes` VALUES
(1,'a49dcc3bf6133b7a5503c7bddb79e5d1c8c40a713efe01b69c8206872b52784a','{\"format\":\"oyakata-scheme\",\"version\":1,\"rules\":1,\"sections\":[{\"id\":\"set-up\",\"title\":\"Set-up\",\"points\":30},{\"id\":\"passes\",\"title\":\"Passes\",\"points\":30},{\"id\":\"result\",\"title\":\"Result\",\"points\":40}],\"lines\":[{\"id\":\"step:safety\",\"section\":\"set-up\",\"weight\":2,\"title\":null},{\"id\":\"step:over-wires\",\"section\":\"set-up\",\"weight\":2,\"title\":null},{\"id\":\"step:blank\",\"section\":\"set-up\",\"weight\":2,\"title\":null},{\"id\":\"step:run-out\",\"section\":\"set-up\",\"weight\":1,\"title\":null},{\"id\":\"step:holding\",\"section\":\"set-up\",\"weight\":1,\"title\":null},{\"id\":\"step:gearing\",\"section\":\"set-up\",\"weight\":2,\"title\":null},{\"id\":\"step:speed\",\"section\":\"set-up\",\"weight\":1,\"title\":null},{\"id\":\"step:compound\",\"section\":\"set-up\",\"weight\":3,\"title\":null},{\"id\":\"step:tip\",\"section\":\"set-up\",\"weight\":1,\"title\":null},{\"id\":\"step:tool-square\",\"section\":\"set-up\",\"weight\":2,\"title\":null},{\"id\":\"step:travel\",\"section\":\"set-up\",\"weight\":1,\"title\":null},{\"id\":\"step:touch-off\",\"section\":\"set-up\",\"weight\":2,\"title\":null},{\"id\":\"step:dry-run\",\"section\":\"set-up\",\"weight\":1,\"title\":null},{\"id\":\"step:instructor-look\",\"section\":\"set-up\",\"weight\":2,\"title\":null},{\"id\":\"step:pitch-check\",\"section\":\"set-up\",\"weight\":2,\"title\":null},{\"id\":\"passes:none\",\"section\":\"passes\",\"weight\":1,\"title\":null},{\"id\":\"passes:schedule\",\"section\":\"passes\",\"weight\":10,\"title\":null},{\"id\":\"passes:infeed\",\"section\":\"passes\",\"weight\":7,\"title\":null},{\"id\":\"passes:reversal\",\"section\":\"passes\",\"weight\":5,\"title\":null},{\"id\":\"passes:spring\",\"section\":\"passes\",\"weight\":8,\"title\":null},{\"id\":\"result:none\",\"section\":\"result\",\"weight\":1,\"title\":null},{\"id\":\"result:pitch-diameter\",\"section\":\"result\",\"weight\":20,\"title\":null},{\"id\":\"result:target\",\"section\":\"result\",\"weight\":6,\"title\":null},{\"id\":\"result:taper\",\"section\":\"result\",\"weight\":4,\"title\":null},{\"id\":\"result:crest\",\"section\":\"result\",\"weight\":10,\"title\":null},{\"id\":\"result:measuring\",\"section\":\"result\",\"weight\":4,\"title\":null}],\"caps\":[{\"id\":\"step:safety\",\"most\":40}],\"judging\":{\"scheduleGraduations\":1,\"infeedGraduations\":1,\"agreementIn\":0.0005,\"agreementMm\":0.01,\"taperFull\":0.25,\"taperHalf\":0.5,\"targetFull\":0.25,\"targetNone\":0.75,\"unfinished\":0.25,\"unfinishedPlace\":0.125,\"late\":0.5,\"corrected\":1,\"fair\":0.5},\"pointStep\":0.5,\"passMark\":50}'),
(6,'68191e2e05dd2d769e432e4f057c0ef3b16f757f97f3a1c0bdaf3201e86b8691','{\"format\":\"oyakata-scheme\",\"version\":1,\"rules\":1,\"sections\":[{\"id\":\"set-up\",\"title\":\"Set-up\",\"points\":20},{\"id\":\"passes\",\"title\":\"Passes\",\"points\":20},{\"id\":\"result\",\"title\":\"Result\",\"points\":60}],\"lines\":[{\"id\":\"step:safety\",\"section\":\"set-up\",\"weight\":2,\"title\":null},{\"id\":\"step:over-wires\",\"section\":\"set-up\",\"weight\":2,\"title\":null},{\"id\":\"step:blank\",\"section\":\"set-up\",\"weight\":2,\"title\":null},{\"id\":\"step:run-out\",\"section\":\"set-up\",\"weight\":1,\"title\":null},{\"id\":\"step:holding\",\"section\":\"set-up\",\"weight\":1,\"title\":null},{\"id\":\"step:gearing\",\"section\":\"set-up\",\"weight\":2,\"title\":null},{\"id\":\"step:speed\",\"section\":\"set-up\",\"weight\":1,\"title\":null},{\"id\":\"step:compound\",\"section\":\"set-up\",\"weight\":3,\"title\":null},{\"id\":\"step:tip\",\"section\":\"set-up\",\"weight\":1,\"title\":null},{\"id\":\"step:tool-square\",\"section\":\"set-up\",\"weight\":2,\"title\":null},{\"id\":\"step:travel\",\"section\":\"set-up\",\"weight\":1,\"title\":null},{\"id\":\"step:touch-off\",\"section\":\"set-up\",\"weight\":2,\"title\":null},{\"id\":\"step:dry-run\",\"section\":\"set-up\",\"weight\":1,\"title\":null},{\"id\":\"step:instructor-look\",\"section\":\"set-up\",\"weight\":2,\"title\":null},{\"id\":\"step:pitch-check\",\"section\":\"set-up\",\"weight\":2,\"title\":null},{\"id\":\"passes:none\",\"section\":\"passes\",\"weight\":1,\"title\":null},{\"id\":\"passes:schedule\",\"section\":\"passes\",\"weight\":10,\"title\":null},{\"id\":\"passes:infeed\",\"section\":\"passes\",\"weight\":7,\"title\":null},{\"id\":\"passes:reversal\",\"section\":\"passes\",\"weight\":5,\"title\":null},{\"id\":\"passes:spring\",\"section\":\"passes\",\"weight\":8,\"title\":null},{\"id\":\"result:none\",\"section\":\"result\",\"weight\":1,\"title\":null},{\"id\":\"result:pitch-diameter\",\"section\":\"result\",\"weight\":20,\"title\":null},{\"id\":\"result:target\",\"section\":\"result\",\"weight\":6,\"title\":null},{\"id\":\"result:taper\",\"section\":\"result\",\"weight\":4,\"title\":null},{\"id\":\"result:crest\",\"section\":\"result\",\"weight\":10,\"title\":null},{\"id\":\"result:measuring\",\"section\":\"result\",\"weight\":4,\"title\":null}],\"caps\":[{\"id\":\"step:safety\",\"most\":40}],\"judging\":{\"scheduleGraduations\":1,\"infeedGraduations\":1,\"agreementIn\":0.0005,\"agreementMm\":0.01,\"taperFull\":0.25,\"taperHalf\":0.5,\"targetFull\":0.25,\"targetNone\":0.75,\"unfinished\":0.25,\"unfinishedPlace\":0.125,\"late\":0.5,\"corrected\":1,\"fair\":0.5},\"pointStep\":0.5,\"passMark\":50}');
/*!40000 ALTER TABLE `schemes` ENABLE KEYS */;
UNLOCK TABLES;
/*!50003 SET @saved_cs_client      = @@character_set_client */ ;
/*!50003 SET @saved_cs_results     = @@character_set_results */ ;
/*!50003 SET @saved_col_connection = @@collation_connection */ ;
/*!50003 SET character_set_client  = utf8mb4 */ ;
/*!50003 SET character_set_results = utf8mb4 */ ;
/*!50003 SET collation_connection  = utf8mb4_unicode_ci */ ;
/*!50003 SET @saved_sql_mode       = @@sql_mode */ ;
/*!50003 SET sql_mode              = 'IGNORE_SPACE,STRICT_TRANS_TABLES,ERROR_FOR_DIVISION_BY_ZERO,NO_AUTO_CREATE_USER,NO_ENGINE_SUBSTITUTION' */ ;
DELIMITER ;;
/*!50003 CREATE*/ /*!50003 TRIGGER IF NOT EXISTS schemes_no_update BEFORE UPDATE ON schemes FOR EACH ROW
         SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'schemes are append-only' 
*/;;
DELIMITER ;
/*!50003 SET sql_mode              = @saved_sql_mode */ ;
/*!50003 SET character_set_client  = @saved_cs_client */ ;
/*!50003 SET character_set_results = @saved_cs_results */ ;
/*!50003 SET collation_connection  = @saved_col_connection */ ;
/*!50003 SET @saved_cs_client      = @@character_set_client */ ;
/*!50003 SET @saved_cs_results     = @@character_set_results */ ;
/*!50003 SET @saved_col_connection = @@collation_connection */ ;
/*!50003 SET character_set_client  = utf8mb4 */ ;
/*!50003 SET character_set_results = utf8mb4 */ ;
/*!50003 SET collation_connection  = utf8mb4_unicode_ci */ ;
/*!50003 SET @saved_sql_mode       = @@sql_mode */ ;
/*!50003 SET sql_mode              = 'IGNORE_SPACE,STRICT_TRANS_TABLES,ERROR_FOR_DIVISION_BY_ZERO,NO_AUTO_CREATE_USER,NO_ENGINE_SUBSTITUTION' */ ;
DELIMITER ;;
/*!50003 CREATE*/ /*!50003 TRIGGER IF NOT EXISTS schemes_no_delete BEFORE DELETE ON schemes FOR EACH ROW
         SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'schemes are append-only' 
*/;;
DELIMITER ;
/*!50003 SET sql_mode              = @saved_sql_mode */ ;
/*!50003 SET character_set_client  = @saved_cs_client */ ;
/*!50003 SET character_set_results = @saved_cs_results */ ;
/*!50003 SET collation_connection  = @saved_col_connection */ ;

--
-- Table structure for table `sessions`
--

DROP TABLE IF EXISTS `sessions`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `sessions` (
  `token_hash` char(64) NOT NULL,
  `person_id` int(11) NOT NULL,
  `opened_at` datetime(3) NOT NULL,
  `seen_at` datetime(3) NOT NULL,
  `ended_at` datetime(3) DEFAULT NULL,
  PRIMARY KEY (`token_hash`),
  KEY `person_id` (`person_id`),
  KEY `seen_at` (`seen_at`),
  CONSTRAINT `sessions_ibfk_1` FOREIGN KEY (`person_id`) REFERENCES `people` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_general_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `sessions`
--

LOCK TABLES `sessions` WRITE;
/*!40000 ALTER TABLE `sessions` DISABLE KEYS */;
/*!40000 ALTER TABLE `sessions` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `sheets`
--

DROP TABLE IF EXISTS `sheets`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `sheets` (
  `id` int(11) NOT NULL AUTO_INCREMENT,
  `revision_id` int(11) NOT NULL,
  `lathe_revision_id` int(11) NOT NULL,
  `content_hash` char(64) NOT NULL,
  `document` longtext CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL CHECK (json_valid(`document`)),
  `made_at` datetime(3) NOT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `revision_id` (`revision_id`,`lathe_revision_id`,`content_hash`),
  KEY `lathe_revision_id` (`lathe_revision_id`),
  CONSTRAINT `sheets_ibfk_1` FOREIGN KEY (`revision_id`) REFERENCES `revisions` (`id`),
  CONSTRAINT `sheets_ibfk_2` FOREIGN KEY (`lathe_revision_id`) REFERENCES `shop_revisions` (`id`)
) ENGINE=InnoDB AUTO_INCREMENT=8 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_general_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `sheets`
--

LOCK TABLES `sheets` WRITE;
/*!40000 ALTER TABLE `sheets` DISABLE KEYS */;
INSERT INTO `sheets` VALUES
(1,1,1,'fe20dcc8cd054e47ec252d37985ae363f99d95792020ec9ea87da13db6bdf570','{\"format\":\"oyakata-sheet\",\"version\":1,\"title\":\"Levelling foot\",\"lathe\":{\"name\":\"Lathe, dial 0.02 mm, 2 a turn, scale 0 along the cross slide\",\"dial\":{\"graduation\":{\"value\":0.02,\"unit\":\"mm\"},\"perTurn\":{\"value\":2,\"unit\":\"mm\"},\"reads\":\"travel\",\"counts\":\"up\"},\"zeroAlong\":\"cross-slide\"},\"thread\":{\"designation\":\"M16x2-6g\",\"standard\":\"ISO 965-1\",\"side\":\"external\",\"hand\":\"right\",\"starts\":1,\"startsOrder\":\"start-by-start\",\"unit\":\"mm\",\"pitch\":2,\"lead\":2,\"pitchText\":\"2 mm\",\"flankAngleDeg\":30},\"limits\":{\"major\":{\"min\":15.682,\"max\":15.962},\"pitchDiameter\":{\"min\":14.503,\"max\":14.663},\"minor\":{\"min\":null,\"max\":13.797},\"crest\":{\"min\":15.682,\"max\":15.962},\"pitchDiameterTolerance\":0.16},\"workDiameter\":15.88,\"tip\":{\"kind\":\"radius\",\"size\":0.288,\"known\":true},\"way\":{\"direction\":\"toward-headstock\",\"toolSide\":\"front\",\"compoundSide\":\"usual\",\"drive\":\"half-nut\",\"clearing\":\"cross-slide\",\"infeed\":\"compound\"},\"compound\":{\"angleDeg\":29.5,\"markDeg\":29.5},\"targetPitchDiameter\":14.583,\"radialDepth\":1.2265254037844389,\"compoundFeed\":1.4092231595726048,\"rootDiameter\":13.426949192431124,\"wires\":{\"diameter\":1.1547,\"overWires\":{\"min\":16.236653048853654,\"target\":16.3166358454153,\"max\":16.396618917232566}},\"speed\":{\"rpm\":70,\"runOutWidth\":6,\"timeInRunOut\":2.5714285714285716,\"reactionSeconds\":1.2},\"schedule\":{\"scratch\":{\"value\":0.04,\"unit\":\"mm\"},\"roughing\":11,\"largestInfeed\":{\"value\":0.26,\"unit\":\"mm\"},\"finishing\":2,\"finishingInfeed\":{\"value\":0.02,\"unit\":\"mm\"},\"spring\":2},\"passes\":[{\"n\":1,\"kind\":\"scratch\",\"start\":1,\"dialInfeed\":{\"value\":0.04,\"unit\":\"mm\"},\"dialReading\":{\"value\":0.04,\"unit\":\"mm\"},\"infeed\":0.04,\"reading\":0.04,\"radialDepth\":0.03481422783759599,\"chipArea\":0.006452817488065388,\"pitchDiameter\":null,\"overWires\":null},{\"n\":2,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.26,\"unit\":\"mm\"},\"dialReading\":{\"value\":0.3,\"unit\":\"mm\"},\"infeed\":0.26,\"reading\":0.3,\"radialDepth\":0.2611067087819699,\"chipArea\":0.1108243150352728,\"pitchDiameter\":null,\"overWires\":null},{\"n\":3,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.16,\"unit\":\"mm\"},\"dialReading\":{\"value\":0.46,\"unit\":\"mm\"},\"infeed\":0.16,\"reading\":0.46,\"radialDepth\":0.4003636201323539,\"chipArea\":0.0994926333219008,\"pitchDiameter\":null,\"overWires\":null},{\"n\":4,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.14,\"unit\":\"mm\"},\"dialReading\":{\"value\":0.6,\"unit\":\"mm\"},\"infeed\":0.14,\"reading\":0.6,\"radialDepth\":0.5222134175639398,\"chipArea\":0.10542491460468212,\"pitchDiameter\":null,\"overWires\":null},{\"n\":5,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.14,\"unit\":\"mm\"},\"dialReading\":{\"value\":0.74,\"unit\":\"mm\"},\"infeed\":0.14,\"reading\":0.74,\"radialDepth\":0.6440632149955258,\"chipArea\":0.12256918435616637,\"pitchDiameter\":15.747924377577826,\"overWires\":17.48133814066513},{\"n\":6,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.1,\"unit\":\"mm\"},\"dialReading\":{\"value\":0.84,\"unit\":\"mm\"},\"infeed\":0.1,\"reading\":0.84,\"radialDepth\":0.7310987845895157,\"chipArea\":0.09804590908184402,\"pitchDiameter\":15.573853238389846,\"overWires\":17.307297106752742},{\"n\":7,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.1,\"unit\":\"mm\"},\"dialReading\":{\"value\":0.94,\"unit\":\"mm\"},\"infeed\":0.1,\"reading\":0.9400000000000001,\"radialDepth\":0.8181343541835058,\"chipArea\":0.10679298548566252,\"pitchDiameter\":15.399782099201866,\"overWires\":17.13325708002764},{\"n\":8,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.1,\"unit\":\"mm\"},\"dialReading\":{\"value\":1.04,\"unit\":\"mm\"},\"infeed\":0.1,\"reading\":1.04,\"radialDepth\":0.9051699237774957,\"chipArea\":0.11554006188948096,\"pitchDiameter\":15.225710960013886,\"overWires\":16.959218105912758},{\"n\":9,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.08,\"unit\":\"mm\"},\"dialReading\":{\"value\":1.12,\"unit\":\"mm\"},\"infeed\":0.08,\"reading\":1.12,\"radialDepth\":0.9747983794526878,\"chipArea\":0.09872994452233419,\"pitchDiameter\":15.086454048663501,\"overWires\":16.8199877166727},{\"n\":10,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.08,\"unit\":\"mm\"},\"dialReading\":{\"value\":1.2,\"unit\":\"mm\"},\"infeed\":0.08,\"reading\":1.2,\"radialDepth\":1.0444268351278796,\"chipArea\":0.10432807342077777,\"pitchDiameter\":14.947197137313118,\"overWires\":16.68075805762647},{\"n\":11,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.08,\"unit\":\"mm\"},\"dialReading\":{\"value\":1.28,\"unit\":\"mm\"},\"infeed\":0.08,\"reading\":1.28,\"radialDepth\":1.1140552908030716,\"chipArea\":0.10992620231922179,\"pitchDiameter\":14.807940225962735,\"overWires\":16.541529155819404},{\"n\":12,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.08,\"unit\":\"mm\"},\"dialReading\":{\"value\":1.36,\"unit\":\"mm\"},\"infeed\":0.08,\"reading\":1.36,\"radialDepth\":1.1836837464782637,\"chipArea\":0.11552433121766592,\"pitchDiameter\":14.66868331461235,\"overWires\":16.40230103956013},{\"n\":13,\"kind\":\"finish\",\"start\":1,\"dialInfeed\":{\"value\":0.02,\"unit\":\"mm\"},\"dialReading\":{\"value\":1.38,\"unit\":\"mm\"},\"infeed\":0.02,\"reading\":1.3800000000000001,\"radialDepth\":1.2010908603970616,\"chipArea\":0.029755790444798036,\"pitchDiameter\":14.633869086774755,\"overWires\":16.367494136680556},{\"n\":14,\"kind\":\"finish\",\"start\":1,\"dialInfeed\":{\"value\":0.02,\"unit\":\"mm\"},\"dialReading\":{\"value\":1.4,\"unit\":\"mm\"},\"infeed\":0.02,\"reading\":1.4000000000000001,\"radialDepth\":1.2184979743158597,\"chipArea\":0.030105673500951502,\"pitchDiameter\":14.599054858937158,\"overWires\":16.332687285220338},{\"n\":15,\"kind\":\"spring\",\"start\":1,\"dialInfeed\":{\"value\":0,\"unit\":\"mm\"},\"dialReading\":{\"value\":1.4,\"unit\":\"mm\"},\"infeed\":0,\"reading\":1.4000000000000001,\"radialDepth\":1.2184979743158597,\"chipArea\":0,\"pitchDiameter\":14.599054858937158,\"overWires\":16.332687285220338},{\"n\":16,\"kind\":\"spring\",\"start\":1,\"dialInfeed\":{\"value\":0,\"unit\":\"mm\"},\"dialReading\":{\"value\":1.4,\"unit\":\"mm\"},\"infeed\":0,\"reading\":1.4000000000000001,\"radialDepth\":1.2184979743158597,\"chipArea\":0,\"pitchDiameter\":14.599054858937158,\"overWires\":16.332687285220338}],\"steps\":[{\"id\":\"safety\",\"title\":\"Safety\",\"instruction\":\"Dress for the lathe: eye protection on; rings, watch and gloves off; sleeves and hair tied back; chuck key out.\",\"caution\":\"A turning chuck takes cloth, hair and fingers. Follow your shop’s rules, the machine’s manual and local law; a qualified instructor decides.\",\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"over-wires\",\"title\":\"Target over wires\",\"instruction\":\"Work it out with wires of 1.1547 mm, from limits and pitch.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":16.317,\"min\":16.237,\"max\":16.397,\"unit\":\"mm\",\"sense\":\"value\"},\"when\":\"before-cutting\"},{\"id\":\"blank\",\"title\":\"Blank\",\"instruction\":\"Turn the major diameter and measure it. Chamfer the start below the root.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":15.88,\"min\":15.682,\"max\":15.962,\"unit\":\"mm\",\"sense\":\"value\"},\"when\":\"before-cutting\"},{\"id\":\"run-out\",\"title\":\"Run-out groove\",\"instruction\":\"At least 6.000 mm wide and down to the root or below. Measure its diameter.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":13.427,\"min\":null,\"max\":13.427,\"unit\":\"mm\",\"sense\":\"at-most\"},\"when\":\"before-cutting\"},{\"id\":\"holding\",\"title\":\"Holding\",\"instruction\":\"Shoulder against the jaws, tailstock centre in, quill short and locked.\",\"caution\":\"Mind the live centre: the tool comes back toward it.\",\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"gearing\",\"title\":\"Gearing\",\"instruction\":\"Set 2 mm pitch from the machine’s chart; feed selector in neutral. Turn by hand until the gears mesh.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":2,\"min\":2,\"max\":2,\"unit\":\"mm pitch\",\"sense\":\"value\"},\"when\":\"before-cutting\"},{\"id\":\"speed\",\"title\":\"Spindle speed\",\"instruction\":\"2.6 s will be left in the run-out groove.\",\"caution\":\"Obey the placards on the machine: some lever positions forbid higher speeds.\",\"kind\":\"value\",\"expected\":{\"value\":70,\"min\":null,\"max\":70,\"unit\":\"rpm\",\"sense\":\"at-most\"},\"when\":\"before-cutting\"},{\"id\":\"compound\",\"title\":\"Compound\",\"instruction\":\"29.5° from the cross-slide axis. Check: its side lies parallel to the tool’s trailing flank.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":29.5,\"min\":29,\"max\":30,\"unit\":\"°\",\"sense\":\"value\"},\"when\":\"before-cutting\"},{\"id\":\"tip\",\"title\":\"Tip\",\"instruction\":\"60° by the centre gauge, radius at the tip, no nick. Measure the radius.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":0.288,\"min\":0.238,\"max\":0.338,\"unit\":\"mm\",\"sense\":\"value\"},\"when\":\"before-cutting\"},{\"id\":\"tool-square\",\"title\":\"Set the tool\",\"instruction\":\"On centre height, square to the axis by the centre gauge, holder and tool screws tight.\",\"caution\":null,\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"travel\",\"title\":\"Travel\",\"instruction\":\"Carriage to the run-out clear of chuck and shoulder, back clear of the tailstock; slides not near their ends.\",\"caution\":null,\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"touch-off\",\"title\":\"Touch off, zero\",\"instruction\":\"Dye the work. Come in against the backlash, touch the dye, set cross slide and compound to 0.\",\"caution\":null,\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"dry-run\",\"title\":\"Dry run\",\"instruction\":\"Clear of the work: catch the thread dial, open the half nut over the run-out.\",\"caution\":\"A closed half nut does not slip. A carriage stop will not stop it.\",\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"instructor-look\",\"title\":\"Instructor looks\",\"instruction\":\"Hold point: no cut before the instructor has looked.\",\"caution\":null,\"kind\":\"sign-off\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"pitch-check\",\"title\":\"Pitch\",\"instruction\":\"Lay the pitch gauge on the scratch, or count along a rule. Wrong? Stop and mend the gearing.\",\"caution\":\"Measure only with the spindle stopped.\",\"kind\":\"value\",\"expected\":{\"value\":2,\"min\":2,\"max\":2,\"unit\":\"mm pitch\",\"sense\":\"value\"},\"when\":\"after-scratch\"}],\"words\":{\"pieces\":\"wires\",\"over\":\"over wires\",\"crest\":\"major diameter\",\"work\":\"blank\",\"mate\":\"nut\",\"compound\":\"compound\",\"crossSlide\":\"cross slide\",\"halfNut\":\"half nut\",\"cycle\":\"Cross slide to zero, and look: a full turn off reads zero too. Oil, engage, watch, open the half nut in the run-out.\",\"allCut\":\"Clean the thread, measure at three places, then hand in.\",\"hazards\":\"Eye protection on; rings, watch and gloves off; sleeves and hair tied back; chuck key out. A closed half nut does not slip. Measure with the spindle stopped; brush chips, no fingers. Follow your shop’s rules, the machine’s manual and local law; a qualified instructor decides.\"},\"note\":null}','2026-11-13 08:30:00.000'),
(2,2,2,'12e6959917bddae1f0bf6e7da3f6d1abe55df7fb8a2ad804ddfb3a43f477c08e','{\"format\":\"oyakata-sheet\",\"version\":1,\"title\":\"Clamp screw\",\"lathe\":{\"name\":\"Lathe, dial 0.001 in, 0.1 a turn, scale 0 along the bed\",\"dial\":{\"graduation\":{\"value\":0.001,\"unit\":\"in\"},\"perTurn\":{\"value\":0.1,\"unit\":\"in\"},\"reads\":\"travel\",\"counts\":\"up\"},\"zeroAlong\":\"bed\"},\"thread\":{\"designation\":\"3/4-16 UNF-2A\",\"standard\":\"ASME B1.1\",\"side\":\"external\",\"hand\":\"right\",\"starts\":1,\"startsOrder\":\"start-by-start\",\"unit\":\"in\",\"pitch\":0.0625,\"lead\":0.0625,\"pitchText\":\"16 TPI\",\"flankAngleDeg\":30},\"limits\":{\"major\":{\"min\":0.7391,\"max\":0.7485},\"pitchDiameter\":{\"min\":0.7029,\"max\":0.7079},\"minor\":{\"min\":null,\"max\":0.6808},\"crest\":{\"min\":0.7391,\"max\":0.7485},\"pitchDiameterTolerance\":0.005},\"workDiameter\":0.744,\"tip\":{\"kind\":\"flat\",\"size\":0.0078,\"known\":true},\"way\":{\"direction\":\"toward-headstock\",\"toolSide\":\"front\",\"compoundSide\":\"usual\",\"drive\":\"half-nut\",\"clearing\":\"cross-slide\",\"infeed\":\"compound\"},\"compound\":{\"angleDeg\":29.5,\"markDeg\":60.5},\"targetPitchDiameter\":0.7054,\"radialDepth\":0.03960829571874507,\"compoundFeed\":0.0455081708587797,\"rootDiameter\":0.6647834085625098,\"wires\":{\"diameter\":0.03608,\"overWires\":{\"min\":0.7570345428233822,\"target\":0.7595343952071445,\"max\":0.7620342491322821}},\"speed\":{\"rpm\":70,\"runOutWidth\":0.188,\"timeInRunOut\":2.5782857142857143,\"reactionSeconds\":1.2},\"schedule\":{\"scratch\":{\"value\":0.002,\"unit\":\"in\"},\"roughing\":9,\"largestInfeed\":{\"value\":0.01,\"unit\":\"in\"},\"finishing\":2,\"finishingInfeed\":{\"value\":0.001,\"unit\":\"in\"},\"spring\":2},\"passes\":[{\"n\":1,\"kind\":\"scratch\",\"start\":1,\"dialInfeed\":{\"value\":0.002,\"unit\":\"in\"},\"dialReading\":{\"value\":0.002,\"unit\":\"in\"},\"infeed\":0.002,\"reading\":0.002,\"radialDepth\":0.0017407113918797995,\"chipArea\":0.00001532696413742614,\"pitchDiameter\":null,\"overWires\":null},{\"n\":2,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.01,\"unit\":\"in\"},\"dialReading\":{\"value\":0.012,\"unit\":\"in\"},\"infeed\":0.01,\"reading\":0.012,\"radialDepth\":0.010444268351278797,\"chipArea\":0.00012911727911004185,\"pitchDiameter\":null,\"overWires\":null},{\"n\":3,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.006,\"unit\":\"in\"},\"dialReading\":{\"value\":0.018,\"unit\":\"in\"},\"infeed\":0.006,\"reading\":0.018000000000000002,\"radialDepth\":0.015666402526918196,\"chipArea\":0.00011945633420435401,\"pitchDiameter\":null,\"overWires\":null},{\"n\":4,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.005,\"unit\":\"in\"},\"dialReading\":{\"value\":0.023,\"unit\":\"in\"},\"infeed\":0.005,\"reading\":0.023,\"radialDepth\":0.020018181006617692,\"chipArea\":0.0001236014052807959,\"pitchDiameter\":null,\"overWires\":null},{\"n\":5,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.005,\"unit\":\"in\"},\"dialReading\":{\"value\":0.028,\"unit\":\"in\"},\"infeed\":0.005,\"reading\":0.028,\"radialDepth\":0.02436995948631719,\"chipArea\":0.0001454690962903423,\"pitchDiameter\":0.7358766724648558,\"overWires\":0.7900093859187933},{\"n\":6,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.003,\"unit\":\"in\"},\"dialReading\":{\"value\":0.031,\"unit\":\"in\"},\"infeed\":0.003,\"reading\":0.031,\"radialDepth\":0.02698102657413689,\"chipArea\":0.00009777794945878748,\"pitchDiameter\":0.7306545382892164,\"overWires\":0.7847875252215274},{\"n\":7,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.004,\"unit\":\"in\"},\"dialReading\":{\"value\":0.035,\"unit\":\"in\"},\"infeed\":0.004,\"reading\":0.035,\"radialDepth\":0.030462449357896493,\"chipArea\":0.00014261650624372948,\"pitchDiameter\":0.7236916927216972,\"overWires\":0.7778250534261557},{\"n\":8,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.003,\"unit\":\"in\"},\"dialReading\":{\"value\":0.038,\"unit\":\"in\"},\"infeed\":0.003,\"reading\":0.038,\"radialDepth\":0.03307351644571619,\"chipArea\":0.00011614680990680647,\"pitchDiameter\":0.7184695585460578,\"overWires\":0.7726032066497721},{\"n\":9,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.003,\"unit\":\"in\"},\"dialReading\":{\"value\":0.041,\"unit\":\"in\"},\"infeed\":0.003,\"reading\":0.041,\"radialDepth\":0.03568458353353589,\"chipArea\":0.00012401917867024316,\"pitchDiameter\":0.7132474243704184,\"overWires\":0.7673813661289471},{\"n\":10,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.003,\"unit\":\"in\"},\"dialReading\":{\"value\":0.044,\"unit\":\"in\"},\"infeed\":0.003,\"reading\":0.044,\"radialDepth\":0.038295650621355586,\"chipArea\":0.00013189154743367963,\"pitchDiameter\":0.708025290194779,\"overWires\":0.7621595320465352},{\"n\":11,\"kind\":\"finish\",\"start\":1,\"dialInfeed\":{\"value\":0.001,\"unit\":\"in\"},\"dialReading\":{\"value\":0.045,\"unit\":\"in\"},\"infeed\":0.001,\"reading\":0.045,\"radialDepth\":0.039166006317295485,\"chipArea\":0.00004571326442532361,\"pitchDiameter\":0.7062845788028992,\"overWires\":0.7604189221490595},{\"n\":12,\"kind\":\"finish\",\"start\":1,\"dialInfeed\":{\"value\":0.001,\"unit\":\"in\"},\"dialReading\":{\"value\":0.046,\"unit\":\"in\"},\"infeed\":0.001,\"reading\":0.046,\"radialDepth\":0.040036362013235384,\"chipArea\":0.000046587972065705334,\"pitchDiameter\":0.7045438674110194,\"overWires\":0.7586783129951593},{\"n\":13,\"kind\":\"spring\",\"start\":1,\"dialInfeed\":{\"value\":0,\"unit\":\"in\"},\"dialReading\":{\"value\":0.046,\"unit\":\"in\"},\"infeed\":0,\"reading\":0.046,\"radialDepth\":0.040036362013235384,\"chipArea\":0,\"pitchDiameter\":0.7045438674110194,\"overWires\":0.7586783129951593},{\"n\":14,\"kind\":\"spring\",\"start\":1,\"dialInfeed\":{\"value\":0,\"unit\":\"in\"},\"dialReading\":{\"value\":0.046,\"unit\":\"in\"},\"infeed\":0,\"reading\":0.046,\"radialDepth\":0.040036362013235384,\"chipArea\":0,\"pitchDiameter\":0.7045438674110194,\"overWires\":0.7586783129951593}],\"steps\":[{\"id\":\"safety\",\"title\":\"Safety\",\"instruction\":\"Dress for the lathe: eye protection on; rings, watch and gloves off; sleeves and hair tied back; chuck key out.\",\"caution\":\"A turning chuck takes cloth, hair and fingers. Follow your shop’s rules, the machine’s manual and local law; a qualified instructor decides.\",\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"over-wires\",\"title\":\"Target over wires\",\"instruction\":\"Work it out with wires of 0.03608 in, from limits and pitch.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":0.7595,\"min\":0.757,\"max\":0.762,\"unit\":\"in\",\"sense\":\"value\"},\"when\":\"before-cutting\"},{\"id\":\"blank\",\"title\":\"Blank\",\"instruction\":\"Turn the major diameter and measure it. Chamfer the start below the root.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":0.744,\"min\":0.7391,\"max\":0.7485,\"unit\":\"in\",\"sense\":\"value\"},\"when\":\"before-cutting\"},{\"id\":\"run-out\",\"title\":\"Run-out groove\",\"instruction\":\"At least 0.1880 in wide and down to the root or below. Measure its diameter.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":0.6648,\"min\":null,\"max\":0.6648,\"unit\":\"in\",\"sense\":\"at-most\"},\"when\":\"before-cutting\"},{\"id\":\"holding\",\"title\":\"Holding\",\"instruction\":\"Shoulder against the jaws, tailstock centre in, quill short and locked.\",\"caution\":\"Mind the live centre: the tool comes back toward it.\",\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"gearing\",\"title\":\"Gearing\",\"instruction\":\"Set 16 TPI from the machine’s chart; feed selector in neutral. Turn by hand until the gears mesh.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":16,\"min\":16,\"max\":16,\"unit\":\"TPI\",\"sense\":\"value\"},\"when\":\"before-cutting\"},{\"id\":\"speed\",\"title\":\"Spindle speed\",\"instruction\":\"2.6 s will be left in the run-out groove.\",\"caution\":\"Obey the placards on the machine: some lever positions forbid higher speeds.\",\"kind\":\"value\",\"expected\":{\"value\":70,\"min\":null,\"max\":70,\"unit\":\"rpm\",\"sense\":\"at-most\"},\"when\":\"before-cutting\"},{\"id\":\"compound\",\"title\":\"Compound\",\"instruction\":\"29.5° from the cross-slide axis; this scale reads 0 along the bed. Check: its side lies parallel to the tool’s trailing flank.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":60.5,\"min\":60,\"max\":61,\"unit\":\"°\",\"sense\":\"value\"},\"when\":\"before-cutting\"},{\"id\":\"tip\",\"title\":\"Tip\",\"instruction\":\"60° by the centre gauge, flat at the tip, no nick. Measure the flat.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":0.0078,\"min\":0.0058,\"max\":0.0098,\"unit\":\"in\",\"sense\":\"value\"},\"when\":\"before-cutting\"},{\"id\":\"tool-square\",\"title\":\"Set the tool\",\"instruction\":\"On centre height, square to the axis by the centre gauge, holder and tool screws tight.\",\"caution\":null,\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"travel\",\"title\":\"Travel\",\"instruction\":\"Carriage to the run-out clear of chuck and shoulder, back clear of the tailstock; slides not near their ends.\",\"caution\":null,\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"touch-off\",\"title\":\"Touch off, zero\",\"instruction\":\"Dye the work. Come in against the backlash, touch the dye, set cross slide and compound to 0.\",\"caution\":null,\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"dry-run\",\"title\":\"Dry run\",\"instruction\":\"Clear of the work: catch the thread dial, open the half nut over the run-out.\",\"caution\":\"A closed half nut does not slip. A carriage stop will not stop it.\",\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"instructor-look\",\"title\":\"Instructor looks\",\"instruction\":\"Hold point: no cut before the instructor has looked.\",\"caution\":null,\"kind\":\"sign-off\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"pitch-check\",\"title\":\"Pitch\",\"instruction\":\"Lay the pitch gauge on the scratch, or count along a rule. Wrong? Stop and mend the gearing.\",\"caution\":\"Measure only with the spindle stopped.\",\"kind\":\"value\",\"expected\":{\"value\":16,\"min\":16,\"max\":16,\"unit\":\"TPI\",\"sense\":\"value\"},\"when\":\"after-scratch\"}],\"words\":{\"pieces\":\"wires\",\"over\":\"over wires\",\"crest\":\"major diameter\",\"work\":\"blank\",\"mate\":\"nut\",\"compound\":\"compound\",\"crossSlide\":\"cross slide\",\"halfNut\":\"half nut\",\"cycle\":\"Cross slide to zero, and look: a full turn off reads zero too. Oil, engage, watch, open the half nut in the run-out.\",\"allCut\":\"Clean the thread, measure at three places, then hand in.\",\"hazards\":\"Eye protection on; rings, watch and gloves off; sleeves and hair tied back; chuck key out. A closed half nut does not slip. Measure with the spindle stopped; brush chips, no fingers. Follow your shop’s rules, the machine’s manual and local law; a qualified instructor decides.\"},\"note\":null}','2026-11-18 08:30:00.000'),
(3,3,3,'e0ddd759ab71530a242aadc83c2b6f07c141bb8ddaa4d89128ccca70c530569d','{\"format\":\"oyakata-sheet\",\"version\":1,\"title\":\"Platen stud\",\"lathe\":{\"name\":\"Lathe, dial 0.001 in, 0.1 a turn, scale 0 along the cross slide\",\"dial\":{\"graduation\":{\"value\":0.001,\"unit\":\"in\"},\"perTurn\":{\"value\":0.1,\"unit\":\"in\"},\"reads\":\"travel\",\"counts\":\"up\"},\"zeroAlong\":\"cross-slide\"},\"thread\":{\"designation\":\"3/8-24 UNF-3A\",\"standard\":\"ASME B1.1\",\"side\":\"external\",\"hand\":\"right\",\"starts\":1,\"startsOrder\":\"start-by-start\",\"unit\":\"in\",\"pitch\":0.041666666666666664,\"lead\":0.041666666666666664,\"pitchText\":\"24 TPI\",\"flankAngleDeg\":30},\"limits\":{\"major\":{\"min\":0.3678,\"max\":0.375},\"pitchDiameter\":{\"min\":0.345,\"max\":0.3479},\"minor\":{\"min\":null,\"max\":0.3299},\"crest\":{\"min\":0.3678,\"max\":0.375},\"pitchDiameterTolerance\":0.0029},\"workDiameter\":0.3714,\"tip\":{\"kind\":\"sharp\",\"size\":0,\"known\":true},\"way\":{\"direction\":\"toward-headstock\",\"toolSide\":\"front\",\"compoundSide\":\"usual\",\"drive\":\"half-nut\",\"clearing\":\"cross-slide\",\"infeed\":\"compound\"},\"compound\":{\"angleDeg\":29,\"markDeg\":29},\"targetPitchDiameter\":0.3465,\"radialDepth\":0.03049219591217582,\"compoundFeed\":0.03486337623457644,\"rootDiameter\":0.3104156081756484,\"wires\":{\"diameter\":0.02406,\"overWires\":{\"min\":0.3811213660192951,\"target\":0.38262114733023417,\"max\":0.3840209457231351}},\"speed\":{\"rpm\":100,\"runOutWidth\":0.12500000000000003,\"timeInRunOut\":1.8000000000000003,\"reactionSeconds\":1.2},\"schedule\":{\"scratch\":{\"value\":0.002,\"unit\":\"in\"},\"roughing\":5,\"largestInfeed\":{\"value\":0.013,\"unit\":\"in\"},\"finishing\":2,\"finishingInfeed\":{\"value\":0.001,\"unit\":\"in\"},\"spring\":2},\"passes\":[{\"n\":1,\"kind\":\"scratch\",\"start\":1,\"dialInfeed\":{\"value\":0.002,\"unit\":\"in\"},\"dialReading\":{\"value\":0.002,\"unit\":\"in\"},\"infeed\":0.002,\"reading\":0.002,\"radialDepth\":0.0017492394142787915,\"chipArea\":0.0000017665985980868697,\"pitchDiameter\":null,\"overWires\":null},{\"n\":2,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.013,\"unit\":\"in\"},\"dialReading\":{\"value\":0.015,\"unit\":\"in\"},\"infeed\":0.013000000000000001,\"reading\":0.015,\"radialDepth\":0.013119295607090936,\"chipArea\":0.00009760457254429956,\"pitchDiameter\":null,\"overWires\":null},{\"n\":3,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.006,\"unit\":\"in\"},\"dialReading\":{\"value\":0.021,\"unit\":\"in\"},\"infeed\":0.006,\"reading\":0.021,\"radialDepth\":0.01836701384992731,\"chipArea\":0.00009539632429669096,\"pitchDiameter\":0.370750364124497,\"overWires\":0.4068683302492867},{\"n\":4,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.005,\"unit\":\"in\"},\"dialReading\":{\"value\":0.026,\"unit\":\"in\"},\"infeed\":0.005,\"reading\":0.026000000000000002,\"radialDepth\":0.022740112385624293,\"chipArea\":0.00010378766763760372,\"pitchDiameter\":0.362004167053103,\"overWires\":0.3981232082884614},{\"n\":5,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.004,\"unit\":\"in\"},\"dialReading\":{\"value\":0.03,\"unit\":\"in\"},\"infeed\":0.004,\"reading\":0.03,\"radialDepth\":0.026238591214181872,\"chipArea\":0.00009892952149286461,\"pitchDiameter\":0.35500720939598784,\"overWires\":0.3911271675470339},{\"n\":6,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.003,\"unit\":\"in\"},\"dialReading\":{\"value\":0.033,\"unit\":\"in\"},\"infeed\":0.003,\"reading\":0.033,\"radialDepth\":0.02886245033560006,\"chipArea\":0.00008347178375960458,\"pitchDiameter\":0.3497594911531515,\"overWires\":0.38588017276983533},{\"n\":7,\"kind\":\"finish\",\"start\":1,\"dialInfeed\":{\"value\":0.001,\"unit\":\"in\"},\"dialReading\":{\"value\":0.034,\"unit\":\"in\"},\"infeed\":0.001,\"reading\":0.034,\"radialDepth\":0.02973707004273946,\"chipArea\":0.000029590526517955177,\"pitchDiameter\":0.3480102517388727,\"overWires\":0.38413118168667487},{\"n\":8,\"kind\":\"finish\",\"start\":1,\"dialInfeed\":{\"value\":0.001,\"unit\":\"in\"},\"dialReading\":{\"value\":0.035,\"unit\":\"in\"},\"infeed\":0.001,\"reading\":0.035,\"radialDepth\":0.030611689749878854,\"chipArea\":0.00003047382581699849,\"pitchDiameter\":0.3462610123245939,\"overWires\":0.3823821943105644},{\"n\":9,\"kind\":\"spring\",\"start\":1,\"dialInfeed\":{\"value\":0,\"unit\":\"in\"},\"dialReading\":{\"value\":0.035,\"unit\":\"in\"},\"infeed\":0,\"reading\":0.035,\"radialDepth\":0.030611689749878854,\"chipArea\":0,\"pitchDiameter\":0.3462610123245939,\"overWires\":0.3823821943105644},{\"n\":10,\"kind\":\"spring\",\"start\":1,\"dialInfeed\":{\"value\":0,\"unit\":\"in\"},\"dialReading\":{\"value\":0.035,\"unit\":\"in\"},\"infeed\":0,\"reading\":0.035,\"radialDepth\":0.030611689749878854,\"chipArea\":0,\"pitchDiameter\":0.3462610123245939,\"overWires\":0.3823821943105644}],\"steps\":[{\"id\":\"safety\",\"title\":\"Safety\",\"instruction\":\"Dress for the lathe: eye protection on; rings, watch and gloves off; sleeves and hair tied back; chuck key out.\",\"caution\":\"A turning chuck takes cloth, hair and fingers. Follow your shop’s rules, the machine’s manual and local law; a qualified instructor decides.\",\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"over-wires\",\"title\":\"Target over wires\",\"instruction\":\"Work it out with wires of 0.02406 in, from limits and pitch.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":0.3826,\"min\":0.3811,\"max\":0.384,\"unit\":\"in\",\"sense\":\"value\"},\"when\":\"before-cutting\"},{\"id\":\"blank\",\"title\":\"Blank\",\"instruction\":\"Turn the major diameter and measure it. Chamfer the start below the root.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":0.3714,\"min\":0.3678,\"max\":0.375,\"unit\":\"in\",\"sense\":\"value\"},\"when\":\"before-cutting\"},{\"id\":\"run-out\",\"title\":\"Run-out groove\",\"instruction\":\"At least 0.1250 in wide and down to the root or below. Measure its diameter.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":0.3104,\"min\":null,\"max\":0.3104,\"unit\":\"in\",\"sense\":\"at-most\"},\"when\":\"before-cutting\"},{\"id\":\"holding\",\"title\":\"Holding\",\"instruction\":\"Shoulder against the jaws, tailstock centre in, quill short and locked.\",\"caution\":\"Mind the live centre: the tool comes back toward it.\",\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"gearing\",\"title\":\"Gearing\",\"instruction\":\"Set 24 TPI from the machine’s chart; feed selector in neutral. Turn by hand until the gears mesh.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":24,\"min\":24,\"max\":24,\"unit\":\"TPI\",\"sense\":\"value\"},\"when\":\"before-cutting\"},{\"id\":\"speed\",\"title\":\"Spindle speed\",\"instruction\":\"1.8 s will be left in the run-out groove.\",\"caution\":\"Obey the placards on the machine: some lever positions forbid higher speeds.\",\"kind\":\"value\",\"expected\":{\"value\":100,\"min\":null,\"max\":100,\"unit\":\"rpm\",\"sense\":\"at-most\"},\"when\":\"before-cutting\"},{\"id\":\"compound\",\"title\":\"Compound\",\"instruction\":\"29° from the cross-slide axis. Check: its side lies parallel to the tool’s trailing flank.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":29,\"min\":28.5,\"max\":29.5,\"unit\":\"°\",\"sense\":\"value\"},\"when\":\"before-cutting\"},{\"id\":\"tip\",\"title\":\"Tip\",\"instruction\":\"Sharp point, 60° by the centre gauge, no nick.\",\"caution\":null,\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"tool-square\",\"title\":\"Set the tool\",\"instruction\":\"On centre height, square to the axis by the centre gauge, holder and tool screws tight.\",\"caution\":null,\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"travel\",\"title\":\"Travel\",\"instruction\":\"Carriage to the run-out clear of chuck and shoulder, back clear of the tailstock; slides not near their ends.\",\"caution\":null,\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"touch-off\",\"title\":\"Touch off, zero\",\"instruction\":\"Dye the work. Come in against the backlash, touch the dye, set cross slide and compound to 0.\",\"caution\":null,\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"dry-run\",\"title\":\"Dry run\",\"instruction\":\"Clear of the work: catch the thread dial, open the half nut over the run-out.\",\"caution\":\"A closed half nut does not slip. A carriage stop will not stop it.\",\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"instructor-look\",\"title\":\"Instructor looks\",\"instruction\":\"Hold point: no cut before the instructor has looked.\",\"caution\":null,\"kind\":\"sign-off\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"pitch-check\",\"title\":\"Pitch\",\"instruction\":\"Lay the pitch gauge on the scratch, or count along a rule. Wrong? Stop and mend the gearing.\",\"caution\":\"Measure only with the spindle stopped.\",\"kind\":\"value\",\"expected\":{\"value\":24,\"min\":24,\"max\":24,\"unit\":\"TPI\",\"sense\":\"value\"},\"when\":\"after-scratch\"}],\"words\":{\"pieces\":\"wires\",\"over\":\"over wires\",\"crest\":\"major diameter\",\"work\":\"blank\",\"mate\":\"nut\",\"compound\":\"compound\",\"crossSlide\":\"cross slide\",\"halfNut\":\"half nut\",\"cycle\":\"Cross slide to zero, and look: a full turn off reads zero too. Oil, engage, watch, open the half nut in the run-out.\",\"allCut\":\"Clean the thread, measure at three places, then hand in.\",\"hazards\":\"Eye protection on; rings, watch and gloves off; sleeves and hair tied back; chuck key out. A closed half nut does not slip. Measure with the spindle stopped; brush chips, no fingers. Follow your shop’s rules, the machine’s manual and local law; a qualified instructor decides.\"},\"note\":null}','2026-11-22 08:30:00.000'),
(4,4,3,'27eb4abe7aed241f0371ec7bd2c6a6740e94ee15ddd64240188ca159ea36ef61','{\"format\":\"oyakata-sheet\",\"version\":1,\"title\":\"Press nut\",\"lathe\":{\"name\":\"Lathe, dial 0.001 in, 0.1 a turn, scale 0 along the cross slide\",\"dial\":{\"graduation\":{\"value\":0.001,\"unit\":\"in\"},\"perTurn\":{\"value\":0.1,\"unit\":\"in\"},\"reads\":\"travel\",\"counts\":\"up\"},\"zeroAlong\":\"cross-slide\"},\"thread\":{\"designation\":\"7/8-9 UNC-2B\",\"standard\":\"ASME B1.1\",\"side\":\"internal\",\"hand\":\"right\",\"starts\":1,\"startsOrder\":\"start-by-start\",\"unit\":\"in\",\"pitch\":0.1111111111111111,\"lead\":0.1111111111111111,\"pitchText\":\"9 TPI\",\"flankAngleDeg\":30},\"limits\":{\"major\":{\"min\":0.875,\"max\":null},\"pitchDiameter\":{\"min\":0.8028,\"max\":0.811},\"minor\":{\"min\":0.755,\"max\":0.778},\"crest\":{\"min\":0.755,\"max\":0.778},\"pitchDiameterTolerance\":0.0082},\"workDiameter\":0.7665,\"tip\":{\"kind\":\"radius\",\"size\":0.0093,\"known\":true},\"way\":{\"direction\":\"toward-headstock\",\"toolSide\":\"front\",\"compoundSide\":\"usual\",\"drive\":\"half-nut\",\"clearing\":\"cross-slide\",\"infeed\":\"compound\"},\"compound\":{\"angleDeg\":29.5,\"markDeg\":29.5},\"targetPitchDiameter\":0.8069,\"radialDepth\":0.05901252243246881,\"compoundFeed\":0.06780276467167945,\"rootDiameter\":0.8845250448649375,\"wires\":{\"diameter\":0.06415,\"overWires\":{\"min\":0.8347777872880358,\"target\":0.838878793537216,\"max\":0.842979784246029}},\"speed\":{\"rpm\":70,\"runOutWidth\":0.33299999999999996,\"timeInRunOut\":2.568857142857143,\"reactionSeconds\":1.2},\"schedule\":{\"scratch\":{\"value\":0.002,\"unit\":\"in\"},\"roughing\":13,\"largestInfeed\":{\"value\":0.012,\"unit\":\"in\"},\"finishing\":2,\"finishingInfeed\":{\"value\":0.001,\"unit\":\"in\"},\"spring\":2},\"passes\":[{\"n\":1,\"kind\":\"scratch\",\"start\":1,\"dialInfeed\":{\"value\":0.002,\"unit\":\"in\"},\"dialReading\":{\"value\":0.002,\"unit\":\"in\"},\"infeed\":0.002,\"reading\":0.002,\"radialDepth\":0.0017407113918797995,\"chipArea\":0.000012829210951038257,\"pitchDiameter\":null,\"overWires\":null},{\"n\":2,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.012,\"unit\":\"in\"},\"dialReading\":{\"value\":0.014,\"unit\":\"in\"},\"infeed\":0.012,\"reading\":0.014,\"radialDepth\":0.012184979743158596,\"chipArea\":0.00019444522927191478,\"pitchDiameter\":null,\"overWires\":null},{\"n\":3,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.008,\"unit\":\"in\"},\"dialReading\":{\"value\":0.022,\"unit\":\"in\"},\"infeed\":0.008,\"reading\":0.022,\"radialDepth\":0.019147825310677793,\"chipArea\":0.0002007299144018206,\"pitchDiameter\":null,\"overWires\":null},{\"n\":4,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.006,\"unit\":\"in\"},\"dialReading\":{\"value\":0.028,\"unit\":\"in\"},\"infeed\":0.006,\"reading\":0.028,\"radialDepth\":0.02436995948631719,\"chipArea\":0.0001872851566974032,\"pitchDiameter\":null,\"overWires\":null},{\"n\":5,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.005,\"unit\":\"in\"},\"dialReading\":{\"value\":0.033,\"unit\":\"in\"},\"infeed\":0.005,\"reading\":0.033,\"radialDepth\":0.02872173796601669,\"chipArea\":0.00018012542402500386,\"pitchDiameter\":null,\"overWires\":null},{\"n\":6,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.005,\"unit\":\"in\"},\"dialReading\":{\"value\":0.038,\"unit\":\"in\"},\"infeed\":0.005,\"reading\":0.038,\"radialDepth\":0.03307351644571619,\"chipArea\":0.00020199311503454973,\"pitchDiameter\":null,\"overWires\":null},{\"n\":7,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.004,\"unit\":\"in\"},\"dialReading\":{\"value\":0.042,\"unit\":\"in\"},\"infeed\":0.004,\"reading\":0.042,\"radialDepth\":0.03655493922947579,\"chipArea\":0.00017733922955451308,\"pitchDiameter\":null,\"overWires\":null},{\"n\":8,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.004,\"unit\":\"in\"},\"dialReading\":{\"value\":0.046,\"unit\":\"in\"},\"infeed\":0.004,\"reading\":0.046,\"radialDepth\":0.040036362013235384,\"chipArea\":0.00019133455180062302,\"pitchDiameter\":0.7689476791615331,\"overWires\":0.8009165194835278},{\"n\":9,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.004,\"unit\":\"in\"},\"dialReading\":{\"value\":0.05,\"unit\":\"in\"},\"infeed\":0.004,\"reading\":0.05,\"radialDepth\":0.04351778479699499,\"chipArea\":0.00020532987404673275,\"pitchDiameter\":0.7759105247290523,\"overWires\":0.8078813034615708},{\"n\":10,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.004,\"unit\":\"in\"},\"dialReading\":{\"value\":0.054,\"unit\":\"in\"},\"infeed\":0.004,\"reading\":0.054,\"radialDepth\":0.046999207580754584,\"chipArea\":0.00021932519629284204,\"pitchDiameter\":0.7828733702965716,\"overWires\":0.8148460348343202},{\"n\":11,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.003,\"unit\":\"in\"},\"dialReading\":{\"value\":0.057,\"unit\":\"in\"},\"infeed\":0.003,\"reading\":0.057,\"radialDepth\":0.04961027466857428,\"chipArea\":0.00017367832744364102,\"pitchDiameter\":0.7880955044722109,\"overWires\":0.8200695499800948},{\"n\":12,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.003,\"unit\":\"in\"},\"dialReading\":{\"value\":0.06,\"unit\":\"in\"},\"infeed\":0.003,\"reading\":0.06,\"radialDepth\":0.05222134175639398,\"chipArea\":0.0001815506962070776,\"pitchDiameter\":0.7933176386478503,\"overWires\":0.8252930373635838},{\"n\":13,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.003,\"unit\":\"in\"},\"dialReading\":{\"value\":0.063,\"unit\":\"in\"},\"infeed\":0.003,\"reading\":0.063,\"radialDepth\":0.054832408844213684,\"chipArea\":0.0001894230649705144,\"pitchDiameter\":0.7985397728234898,\"overWires\":0.8305164977242737},{\"n\":14,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.003,\"unit\":\"in\"},\"dialReading\":{\"value\":0.066,\"unit\":\"in\"},\"infeed\":0.003,\"reading\":0.066,\"radialDepth\":0.05744347593203338,\"chipArea\":0.00019729543373395208,\"pitchDiameter\":0.8037619069991291,\"overWires\":0.8357399317771713},{\"n\":15,\"kind\":\"finish\",\"start\":1,\"dialInfeed\":{\"value\":0.001,\"unit\":\"in\"},\"dialReading\":{\"value\":0.067,\"unit\":\"in\"},\"infeed\":0.001,\"reading\":0.067,\"radialDepth\":0.05831383162797328,\"chipArea\":0.00006751455985874689,\"pitchDiameter\":0.8055026183910089,\"overWires\":0.8374810707354724},{\"n\":16,\"kind\":\"finish\",\"start\":1,\"dialInfeed\":{\"value\":0.001,\"unit\":\"in\"},\"dialReading\":{\"value\":0.068,\"unit\":\"in\"},\"infeed\":0.001,\"reading\":0.068,\"radialDepth\":0.05918418732391319,\"chipArea\":0.00006838926749912948,\"pitchDiameter\":0.8072433297828887,\"overWires\":0.8392222068727521},{\"n\":17,\"kind\":\"spring\",\"start\":1,\"dialInfeed\":{\"value\":0,\"unit\":\"in\"},\"dialReading\":{\"value\":0.068,\"unit\":\"in\"},\"infeed\":0,\"reading\":0.068,\"radialDepth\":0.05918418732391319,\"chipArea\":0,\"pitchDiameter\":0.8072433297828887,\"overWires\":0.8392222068727521},{\"n\":18,\"kind\":\"spring\",\"start\":1,\"dialInfeed\":{\"value\":0,\"unit\":\"in\"},\"dialReading\":{\"value\":0.068,\"unit\":\"in\"},\"infeed\":0,\"reading\":0.068,\"radialDepth\":0.05918418732391319,\"chipArea\":0,\"pitchDiameter\":0.8072433297828887,\"overWires\":0.8392222068727521}],\"steps\":[{\"id\":\"safety\",\"title\":\"Safety\",\"instruction\":\"Dress for the lathe: eye protection on; rings, watch and gloves off; sleeves and hair tied back; chuck key out.\",\"caution\":\"A turning chuck takes cloth, hair and fingers. Follow your shop’s rules, the machine’s manual and local law; a qualified instructor decides.\",\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"over-wires\",\"title\":\"Target over balls\",\"instruction\":\"Work it out with balls of 0.06415 in, from limits and pitch.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":0.8389,\"min\":0.8348,\"max\":0.843,\"unit\":\"in\",\"sense\":\"value\"},\"when\":\"before-cutting\"},{\"id\":\"blank\",\"title\":\"Bore\",\"instruction\":\"Bore to the minor diameter and measure it. Chamfer the mouth to the major diameter.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":0.7665,\"min\":0.755,\"max\":0.778,\"unit\":\"in\",\"sense\":\"value\"},\"when\":\"before-cutting\"},{\"id\":\"run-out\",\"title\":\"Recess\",\"instruction\":\"At least 0.3330 in wide and out to the root or beyond. Measure its diameter.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":0.8845,\"min\":0.8845,\"max\":null,\"unit\":\"in\",\"sense\":\"at-least\"},\"when\":\"before-cutting\"},{\"id\":\"holding\",\"title\":\"Holding\",\"instruction\":\"Work home against the jaws, running true; tailstock out of the way.\",\"caution\":null,\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"gearing\",\"title\":\"Gearing\",\"instruction\":\"Set 9 TPI from the machine’s chart; feed selector in neutral. Turn by hand until the gears mesh.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":9,\"min\":9,\"max\":9,\"unit\":\"TPI\",\"sense\":\"value\"},\"when\":\"before-cutting\"},{\"id\":\"speed\",\"title\":\"Spindle speed\",\"instruction\":\"2.6 s will be left in the run-out groove.\",\"caution\":\"Obey the placards on the machine: some lever positions forbid higher speeds.\",\"kind\":\"value\",\"expected\":{\"value\":70,\"min\":null,\"max\":70,\"unit\":\"rpm\",\"sense\":\"at-most\"},\"when\":\"before-cutting\"},{\"id\":\"compound\",\"title\":\"Compound\",\"instruction\":\"29.5° from the cross-slide axis, swung to the other side than outside. Check: its side lies parallel to the tool’s trailing flank.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":29.5,\"min\":29,\"max\":30,\"unit\":\"°\",\"sense\":\"value\"},\"when\":\"before-cutting\"},{\"id\":\"tip\",\"title\":\"Insert\",\"instruction\":\"60° insert for pitches 0.1000 to 0.1250 in, seated, screw tight, no chip off the edge.\",\"caution\":null,\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"tool-square\",\"title\":\"Set the bar\",\"instruction\":\"Bar as stout and short as it goes; tool on centre height, square by the centre gauge; mark the depth on the bar.\",\"caution\":null,\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"travel\",\"title\":\"Travel\",\"instruction\":\"Bar to the recess clear of the bottom, clear of the far wall when the tool comes out; slides not near their ends.\",\"caution\":null,\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"touch-off\",\"title\":\"Touch off, zero\",\"instruction\":\"Dye the work. Come in against the backlash, touch the dye, set cross slide and compound to 0.\",\"caution\":null,\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"dry-run\",\"title\":\"Dry run\",\"instruction\":\"Clear of the work: catch the thread dial, open the half nut over the run-out.\",\"caution\":\"A closed half nut does not slip. A carriage stop will not stop it.\",\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"instructor-look\",\"title\":\"Instructor looks\",\"instruction\":\"Hold point: no cut before the instructor has looked.\",\"caution\":null,\"kind\":\"sign-off\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"pitch-check\",\"title\":\"Pitch\",\"instruction\":\"Lay the pitch gauge on the scratch, or count along a rule. Wrong? Stop and mend the gearing.\",\"caution\":\"Measure only with the spindle stopped.\",\"kind\":\"value\",\"expected\":{\"value\":9,\"min\":9,\"max\":9,\"unit\":\"TPI\",\"sense\":\"value\"},\"when\":\"after-scratch\"}],\"words\":{\"pieces\":\"balls\",\"over\":\"over balls\",\"crest\":\"minor diameter\",\"work\":\"bore\",\"mate\":\"screw\",\"compound\":\"compound\",\"crossSlide\":\"cross slide\",\"halfNut\":\"half nut\",\"cycle\":\"Cross slide to zero, and look: a full turn off reads zero too. Oil, engage, watch, open the half nut in the run-out.\",\"allCut\":\"Clean the thread, measure at three places, then hand in.\",\"hazards\":\"Eye protection on; rings, watch and gloves off; sleeves and hair tied back; chuck key out. A closed half nut does not slip. Measure with the spindle stopped; brush chips, no fingers. Follow your shop’s rules, the machine’s manual and local law; a qualified instructor decides.\"},\"note\":null}','2026-11-25 15:55:00.394'),
(5,5,2,'a2d570236303f5d790a1570cd04f72884fd983f2411af0224235d46d45803106','{\"format\":\"oyakata-sheet\",\"version\":1,\"title\":\"Adjuster trial\",\"lathe\":{\"name\":\"Lathe, dial 0.001 in, 0.1 a turn, scale 0 along the bed\",\"dial\":{\"graduation\":{\"value\":0.001,\"unit\":\"in\"},\"perTurn\":{\"value\":0.1,\"unit\":\"in\"},\"reads\":\"travel\",\"counts\":\"up\"},\"zeroAlong\":\"bed\"},\"thread\":{\"designation\":\"M30x2-6g\",\"standard\":\"ISO 965-1\",\"side\":\"external\",\"hand\":\"right\",\"starts\":1,\"startsOrder\":\"start-by-start\",\"unit\":\"mm\",\"pitch\":2,\"lead\":2,\"pitchText\":\"2 mm\",\"flankAngleDeg\":30},\"limits\":{\"major\":{\"min\":29.682,\"max\":29.962},\"pitchDiameter\":{\"min\":28.493,\"max\":28.663},\"minor\":{\"min\":null,\"max\":27.797},\"crest\":{\"min\":29.682,\"max\":29.962},\"pitchDiameterTolerance\":0.17},\"workDiameter\":29.822,\"tip\":{\"kind\":\"flat\",\"size\":0.25,\"known\":true},\"way\":{\"direction\":\"toward-headstock\",\"toolSide\":\"front\",\"compoundSide\":\"usual\",\"drive\":\"half-nut\",\"clearing\":\"cross-slide\",\"infeed\":\"compound\"},\"compound\":{\"angleDeg\":29,\"markDeg\":61},\"targetPitchDiameter\":28.578,\"radialDepth\":1.271519052838329,\"compoundFeed\":1.4537964814411344,\"rootDiameter\":27.27896189432334,\"wires\":{\"diameter\":1.1547,\"overWires\":{\"min\":30.225472882313078,\"target\":30.310470390916002,\"max\":30.39546792142923}},\"speed\":{\"rpm\":70,\"runOutWidth\":6,\"timeInRunOut\":2.5714285714285716,\"reactionSeconds\":1.2},\"schedule\":{\"scratch\":{\"value\":0.002,\"unit\":\"in\"},\"roughing\":12,\"largestInfeed\":{\"value\":0.01,\"unit\":\"in\"},\"finishing\":2,\"finishingInfeed\":{\"value\":0.001,\"unit\":\"in\"},\"spring\":2},\"passes\":[{\"n\":1,\"kind\":\"scratch\",\"start\":1,\"dialInfeed\":{\"value\":0.002,\"unit\":\"in\"},\"dialReading\":{\"value\":0.002,\"unit\":\"in\"},\"infeed\":0.0508,\"reading\":0.0508,\"radialDepth\":0.0444306811226813,\"chipArea\":0.01224740903221205,\"pitchDiameter\":null,\"overWires\":null},{\"n\":2,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.01,\"unit\":\"in\"},\"dialReading\":{\"value\":0.012,\"unit\":\"in\"},\"infeed\":0.254,\"reading\":0.30479999999999996,\"radialDepth\":0.2665840867360878,\"chipArea\":0.09542920770731199,\"pitchDiameter\":null,\"overWires\":null},{\"n\":3,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.007,\"unit\":\"in\"},\"dialReading\":{\"value\":0.019,\"unit\":\"in\"},\"infeed\":0.17779999999999999,\"reading\":0.4826,\"radialDepth\":0.42209147066547237,\"chipArea\":0.10070767325348472,\"pitchDiameter\":null,\"overWires\":null},{\"n\":4,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.005,\"unit\":\"in\"},\"dialReading\":{\"value\":0.024,\"unit\":\"in\"},\"infeed\":0.127,\"reading\":0.6095999999999999,\"radialDepth\":0.5331681734721756,\"chipArea\":0.08903013359704351,\"pitchDiameter\":null,\"overWires\":null},{\"n\":5,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.005,\"unit\":\"in\"},\"dialReading\":{\"value\":0.029,\"unit\":\"in\"},\"infeed\":0.127,\"reading\":0.7365999999999999,\"radialDepth\":0.6442448762788788,\"chipArea\":0.10327686799131502,\"pitchDiameter\":null,\"overWires\":null},{\"n\":6,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.004,\"unit\":\"in\"},\"dialReading\":{\"value\":0.033,\"unit\":\"in\"},\"infeed\":0.1016,\"reading\":0.8382,\"radialDepth\":0.7331062385242415,\"chipArea\":0.09287914315692769,\"pitchDiameter\":29.654825628628174,\"overWires\":31.387266271140525},{\"n\":7,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.004,\"unit\":\"in\"},\"dialReading\":{\"value\":0.037,\"unit\":\"in\"},\"infeed\":0.1016,\"reading\":0.9398,\"radialDepth\":0.8219676007696041,\"chipArea\":0.10199705316926133,\"pitchDiameter\":29.47710290413745,\"overWires\":31.2095482349021},{\"n\":8,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.003,\"unit\":\"in\"},\"dialReading\":{\"value\":0.04,\"unit\":\"in\"},\"infeed\":0.07619999999999999,\"reading\":1.016,\"radialDepth\":0.8886136224536261,\"chipArea\":0.08248141832254019,\"pitchDiameter\":29.343810860769405,\"overWires\":31.076259763215134},{\"n\":9,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.004,\"unit\":\"in\"},\"dialReading\":{\"value\":0.044,\"unit\":\"in\"},\"infeed\":0.1016,\"reading\":1.1176,\"radialDepth\":0.9774749846989886,\"chipArea\":0.1179533956908454,\"pitchDiameter\":29.16608813627868,\"overWires\":30.89854187659713},{\"n\":10,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.003,\"unit\":\"in\"},\"dialReading\":{\"value\":0.047,\"unit\":\"in\"},\"infeed\":0.07619999999999999,\"reading\":1.1938,\"radialDepth\":1.0441210063830106,\"chipArea\":0.09444867521372835,\"pitchDiameter\":29.032796092910637,\"overWires\":30.76525351950513},{\"n\":11,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.003,\"unit\":\"in\"},\"dialReading\":{\"value\":0.05,\"unit\":\"in\"},\"infeed\":0.07619999999999999,\"reading\":1.27,\"radialDepth\":1.1107670280670325,\"chipArea\":0.09957749959566597,\"pitchDiameter\":28.899504049542593,\"overWires\":30.631965213026994},{\"n\":12,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.002,\"unit\":\"in\"},\"dialReading\":{\"value\":0.052,\"unit\":\"in\"},\"infeed\":0.0508,\"reading\":1.3208,\"radialDepth\":1.1551977091897139,\"chipArea\":0.06923434660929839,\"pitchDiameter\":28.81064268729723,\"overWires\":30.543106370618943},{\"n\":13,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.003,\"unit\":\"in\"},\"dialReading\":{\"value\":0.055,\"unit\":\"in\"},\"infeed\":0.07619999999999999,\"reading\":1.397,\"radialDepth\":1.2218437308737358,\"chipArea\":0.10812554023222876,\"pitchDiameter\":28.677350643929184,\"overWires\":30.409818150575738},{\"n\":14,\"kind\":\"finish\",\"start\":1,\"dialInfeed\":{\"value\":0.001,\"unit\":\"in\"},\"dialReading\":{\"value\":0.056,\"unit\":\"in\"},\"infeed\":0.0254,\"reading\":1.4223999999999999,\"radialDepth\":1.2440590714350763,\"chipArea\":0.0371815854956179,\"pitchDiameter\":28.632919962806504,\"overWires\":30.36538875565592},{\"n\":15,\"kind\":\"finish\",\"start\":1,\"dialInfeed\":{\"value\":0.001,\"unit\":\"in\"},\"dialReading\":{\"value\":0.057,\"unit\":\"in\"},\"infeed\":0.0254,\"reading\":1.4478,\"radialDepth\":1.266274411996417,\"chipArea\":0.03775145487138909,\"pitchDiameter\":28.588489281683824,\"overWires\":30.320959366677357},{\"n\":16,\"kind\":\"spring\",\"start\":1,\"dialInfeed\":{\"value\":0,\"unit\":\"in\"},\"dialReading\":{\"value\":0.057,\"unit\":\"in\"},\"infeed\":0,\"reading\":1.4478,\"radialDepth\":1.266274411996417,\"chipArea\":0,\"pitchDiameter\":28.588489281683824,\"overWires\":30.320959366677357},{\"n\":17,\"kind\":\"spring\",\"start\":1,\"dialInfeed\":{\"value\":0,\"unit\":\"in\"},\"dialReading\":{\"value\":0.057,\"unit\":\"in\"},\"infeed\":0,\"reading\":1.4478,\"radialDepth\":1.266274411996417,\"chipArea\":0,\"pitchDiameter\":28.588489281683824,\"overWires\":30.320959366677357}],\"steps\":[{\"id\":\"safety\",\"title\":\"Safety\",\"instruction\":\"Dress for the lathe: eye protection on; rings, watch and gloves off; sleeves and hair tied back; chuck key out.\",\"caution\":\"A turning chuck takes cloth, hair and fingers. Follow your shop’s rules, the machine’s manual and local law; a qualified instructor decides.\",\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"over-wires\",\"title\":\"Target over wires\",\"instruction\":\"Work it out with wires of 1.1547 mm, from limits and pitch.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":30.31,\"min\":30.225,\"max\":30.395,\"unit\":\"mm\",\"sense\":\"value\"},\"when\":\"before-cutting\"},{\"id\":\"blank\",\"title\":\"Blank\",\"instruction\":\"Turn the major diameter and measure it. Chamfer the start below the root.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":29.822,\"min\":29.682,\"max\":29.962,\"unit\":\"mm\",\"sense\":\"value\"},\"when\":\"before-cutting\"},{\"id\":\"run-out\",\"title\":\"Run-out groove\",\"instruction\":\"At least 6.000 mm wide and down to the root or below. Measure its diameter.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":27.279,\"min\":null,\"max\":27.279,\"unit\":\"mm\",\"sense\":\"at-most\"},\"when\":\"before-cutting\"},{\"id\":\"holding\",\"title\":\"Holding\",\"instruction\":\"Shoulder against the jaws, tailstock centre in, quill short and locked.\",\"caution\":\"Mind the live centre: the tool comes back toward it.\",\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"gearing\",\"title\":\"Gearing\",\"instruction\":\"Set 2 mm pitch from the machine’s chart; feed selector in neutral. Turn by hand until the gears mesh.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":2,\"min\":2,\"max\":2,\"unit\":\"mm pitch\",\"sense\":\"value\"},\"when\":\"before-cutting\"},{\"id\":\"speed\",\"title\":\"Spindle speed\",\"instruction\":\"2.6 s will be left in the run-out groove.\",\"caution\":\"Obey the placards on the machine: some lever positions forbid higher speeds.\",\"kind\":\"value\",\"expected\":{\"value\":70,\"min\":null,\"max\":70,\"unit\":\"rpm\",\"sense\":\"at-most\"},\"when\":\"before-cutting\"},{\"id\":\"compound\",\"title\":\"Compound\",\"instruction\":\"29° from the cross-slide axis; this scale reads 0 along the bed. Check: its side lies parallel to the tool’s trailing flank.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":61,\"min\":60.5,\"max\":61.5,\"unit\":\"°\",\"sense\":\"value\"},\"when\":\"before-cutting\"},{\"id\":\"tip\",\"title\":\"Tip\",\"instruction\":\"60° by the centre gauge, flat at the tip, no nick. Measure the flat.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":0.25,\"min\":0.2,\"max\":0.3,\"unit\":\"mm\",\"sense\":\"value\"},\"when\":\"before-cutting\"},{\"id\":\"tool-square\",\"title\":\"Set the tool\",\"instruction\":\"On centre height, square to the axis by the centre gauge, holder and tool screws tight.\",\"caution\":null,\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"travel\",\"title\":\"Travel\",\"instruction\":\"Carriage to the run-out clear of chuck and shoulder, back clear of the tailstock; slides not near their ends.\",\"caution\":null,\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"touch-off\",\"title\":\"Touch off, zero\",\"instruction\":\"Dye the work. Come in against the backlash, touch the dye, set cross slide and compound to 0.\",\"caution\":null,\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"dry-run\",\"title\":\"Dry run\",\"instruction\":\"Clear of the work: catch the thread dial, open the half nut over the run-out.\",\"caution\":\"A closed half nut does not slip. A carriage stop will not stop it.\",\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"instructor-look\",\"title\":\"Instructor looks\",\"instruction\":\"Hold point: no cut before the instructor has looked.\",\"caution\":null,\"kind\":\"sign-off\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"pitch-check\",\"title\":\"Pitch\",\"instruction\":\"Lay the pitch gauge on the scratch, or count along a rule. Wrong? Stop and mend the gearing.\",\"caution\":\"Measure only with the spindle stopped.\",\"kind\":\"value\",\"expected\":{\"value\":2,\"min\":2,\"max\":2,\"unit\":\"mm pitch\",\"sense\":\"value\"},\"when\":\"after-scratch\"}],\"words\":{\"pieces\":\"wires\",\"over\":\"over wires\",\"crest\":\"major diameter\",\"work\":\"blank\",\"mate\":\"nut\",\"compound\":\"compound\",\"crossSlide\":\"cross slide\",\"halfNut\":\"half nut\",\"cycle\":\"Cross slide to zero, and look: a full turn off reads zero too. Oil, engage, watch, open the half nut in the run-out.\",\"allCut\":\"Clean the thread, measure at three places, then hand in.\",\"hazards\":\"Eye protection on; rings, watch and gloves off; sleeves and hair tied back; chuck key out. A closed half nut does not slip. Measure with the spindle stopped; brush chips, no fingers. Follow your shop’s rules, the machine’s manual and local law; a qualified instructor decides.\"},\"note\":null}','2026-11-25 15:55:01.995'),
(6,6,4,'119c3380de6d21990797380bd97058c379319013874a9e9a41e6d8cc18a7bdde','{\"format\":\"oyakata-sheet\",\"version\":1,\"title\":\"Spindle\",\"lathe\":{\"name\":\"Lathe, dial 0.05 mm, 4 a turn, scale 0 along the cross slide\",\"dial\":{\"graduation\":{\"value\":0.05,\"unit\":\"mm\"},\"perTurn\":{\"value\":4,\"unit\":\"mm\"},\"reads\":\"travel\",\"counts\":\"up\"},\"zeroAlong\":\"cross-slide\"},\"thread\":{\"designation\":\"Tr30x6-7e\",\"standard\":\"ISO 2903\",\"side\":\"external\",\"hand\":\"right\",\"starts\":1,\"startsOrder\":\"start-by-start\",\"unit\":\"mm\",\"pitch\":6,\"lead\":6,\"pitchText\":\"6 mm\",\"flankAngleDeg\":15},\"limits\":{\"major\":{\"min\":29.625,\"max\":30},\"pitchDiameter\":{\"min\":26.547,\"max\":26.882},\"minor\":{\"min\":22.463,\"max\":23},\"crest\":{\"min\":29.625,\"max\":30},\"pitchDiameterTolerance\":0.335},\"workDiameter\":29.813,\"tip\":{\"kind\":\"flat\",\"size\":2.004,\"known\":true},\"way\":{\"direction\":\"toward-headstock\",\"toolSide\":\"front\",\"compoundSide\":\"usual\",\"drive\":\"half-nut\",\"clearing\":\"cross-slide\",\"infeed\":\"compound\"},\"compound\":{\"angleDeg\":14.5,\"markDeg\":14.5},\"targetPitchDiameter\":26.715,\"radialDepth\":3.4075613021693,\"compoundFeed\":3.519671132843422,\"rootDiameter\":22.997877395661398,\"wires\":{\"diameter\":3.1058,\"overWires\":{\"min\":30.48456727894952,\"target\":30.65222244391067,\"max\":30.818885915314368}},\"speed\":{\"rpm\":70,\"runOutWidth\":18,\"timeInRunOut\":2.5714285714285716,\"reactionSeconds\":1.2},\"schedule\":{\"scratch\":{\"value\":0.05,\"unit\":\"mm\"},\"roughing\":18,\"largestInfeed\":{\"value\":0.25,\"unit\":\"mm\"},\"finishing\":2,\"finishingInfeed\":{\"value\":0.05,\"unit\":\"mm\"},\"spring\":0},\"passes\":[{\"n\":1,\"kind\":\"scratch\",\"start\":1,\"dialInfeed\":{\"value\":0.05,\"unit\":\"mm\"},\"dialReading\":{\"value\":0.05,\"unit\":\"mm\"},\"infeed\":0.05,\"reading\":0.05,\"radialDepth\":0.04840738201890539,\"chipArea\":0.09763627211169074,\"pitchDiameter\":null,\"overWires\":null},{\"n\":2,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.25,\"unit\":\"mm\"},\"dialReading\":{\"value\":0.3,\"unit\":\"mm\"},\"infeed\":0.25,\"reading\":0.30000000000000004,\"radialDepth\":0.29044429211343237,\"chipArea\":0.5070177169325838,\"pitchDiameter\":null,\"overWires\":null},{\"n\":3,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.25,\"unit\":\"mm\"},\"dialReading\":{\"value\":0.55,\"unit\":\"mm\"},\"infeed\":0.25,\"reading\":0.55,\"radialDepth\":0.5324812022079592,\"chipArea\":0.5384116442228004,\"pitchDiameter\":null,\"overWires\":null},{\"n\":4,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.25,\"unit\":\"mm\"},\"dialReading\":{\"value\":0.8,\"unit\":\"mm\"},\"infeed\":0.25,\"reading\":0.8,\"radialDepth\":0.7745181123024862,\"chipArea\":0.5698055715130175,\"pitchDiameter\":null,\"overWires\":null},{\"n\":5,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.2,\"unit\":\"mm\"},\"dialReading\":{\"value\":1,\"unit\":\"mm\"},\"infeed\":0.2,\"reading\":1,\"radialDepth\":0.9681476403781077,\"chipArea\":0.47844808485936974,\"pitchDiameter\":null,\"overWires\":null},{\"n\":6,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.2,\"unit\":\"mm\"},\"dialReading\":{\"value\":1.2,\"unit\":\"mm\"},\"infeed\":0.2,\"reading\":1.2000000000000002,\"radialDepth\":1.1617771684537295,\"chipArea\":0.49854019832510943,\"pitchDiameter\":null,\"overWires\":null},{\"n\":7,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.2,\"unit\":\"mm\"},\"dialReading\":{\"value\":1.4,\"unit\":\"mm\"},\"infeed\":0.2,\"reading\":1.4000000000000001,\"radialDepth\":1.355406696529351,\"chipArea\":0.5186323117908471,\"pitchDiameter\":null,\"overWires\":null},{\"n\":8,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.2,\"unit\":\"mm\"},\"dialReading\":{\"value\":1.6,\"unit\":\"mm\"},\"infeed\":0.2,\"reading\":1.6,\"radialDepth\":1.5490362246049725,\"chipArea\":0.5387244252565866,\"pitchDiameter\":null,\"overWires\":null},{\"n\":9,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.2,\"unit\":\"mm\"},\"dialReading\":{\"value\":1.8,\"unit\":\"mm\"},\"infeed\":0.2,\"reading\":1.8,\"radialDepth\":1.742665752680594,\"chipArea\":0.5588165387223247,\"pitchDiameter\":null,\"overWires\":null},{\"n\":10,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.15,\"unit\":\"mm\"},\"dialReading\":{\"value\":1.95,\"unit\":\"mm\"},\"infeed\":0.15000000000000002,\"reading\":1.9500000000000002,\"radialDepth\":1.8878878987373102,\"chipArea\":0.43229785350363503,\"pitchDiameter\":29.75434680686398,\"overWires\":33.68628657805827},{\"n\":11,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.2,\"unit\":\"mm\"},\"dialReading\":{\"value\":2.15,\"unit\":\"mm\"},\"infeed\":0.2,\"reading\":2.15,\"radialDepth\":2.0815174268129315,\"chipArea\":0.5939777372873669,\"pitchDiameter\":29.367087750712738,\"overWires\":33.299612343738275},{\"n\":12,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.15,\"unit\":\"mm\"},\"dialReading\":{\"value\":2.3,\"unit\":\"mm\"},\"infeed\":0.15000000000000002,\"reading\":2.3000000000000003,\"radialDepth\":2.226739572869648,\"chipArea\":0.45866875242741756,\"pitchDiameter\":29.076643458599303,\"overWires\":33.009621799825176},{\"n\":13,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.2,\"unit\":\"mm\"},\"dialReading\":{\"value\":2.5,\"unit\":\"mm\"},\"infeed\":0.2,\"reading\":2.5,\"radialDepth\":2.4203691009452695,\"chipArea\":0.6291389358524109,\"pitchDiameter\":28.689384402448063,\"overWires\":32.622988900457436},{\"n\":14,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.15,\"unit\":\"mm\"},\"dialReading\":{\"value\":2.65,\"unit\":\"mm\"},\"infeed\":0.15000000000000002,\"reading\":2.6500000000000004,\"radialDepth\":2.565591247001986,\"chipArea\":0.4850396513511992,\"pitchDiameter\":28.398940110334628,\"overWires\":32.33303080508872},{\"n\":15,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.15,\"unit\":\"mm\"},\"dialReading\":{\"value\":2.8,\"unit\":\"mm\"},\"infeed\":0.15000000000000002,\"reading\":2.8000000000000003,\"radialDepth\":2.710813393058702,\"chipArea\":0.4963414651756768,\"pitchDiameter\":28.108495818221197,\"overWires\":32.04308756219345},{\"n\":16,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.15,\"unit\":\"mm\"},\"dialReading\":{\"value\":2.95,\"unit\":\"mm\"},\"infeed\":0.15000000000000002,\"reading\":2.95,\"radialDepth\":2.856035539115418,\"chipArea\":0.5076432790001544,\"pitchDiameter\":27.818051526107766,\"overWires\":31.753159781378},{\"n\":17,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.15,\"unit\":\"mm\"},\"dialReading\":{\"value\":3.1,\"unit\":\"mm\"},\"infeed\":0.15000000000000002,\"reading\":3.1,\"radialDepth\":3.001257685172134,\"chipArea\":0.5189450928246337,\"pitchDiameter\":27.52760723399433,\"overWires\":31.463248103751564},{\"n\":18,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.15,\"unit\":\"mm\"},\"dialReading\":{\"value\":3.25,\"unit\":\"mm\"},\"infeed\":0.15000000000000002,\"reading\":3.25,\"radialDepth\":3.14647983122885,\"chipArea\":0.5302469066491096,\"pitchDiameter\":27.2371629418809,\"overWires\":31.173353203891168},{\"n\":19,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.15,\"unit\":\"mm\"},\"dialReading\":{\"value\":3.4,\"unit\":\"mm\"},\"infeed\":0.15000000000000002,\"reading\":3.4000000000000004,\"radialDepth\":3.2917019772855665,\"chipArea\":0.5415487204735907,\"pitchDiameter\":26.94671864976747,\"overWires\":30.883475791953405},{\"n\":20,\"kind\":\"finish\",\"start\":1,\"dialInfeed\":{\"value\":0.05,\"unit\":\"mm\"},\"dialReading\":{\"value\":3.45,\"unit\":\"mm\"},\"infeed\":0.05,\"reading\":3.45,\"radialDepth\":3.340109359304472,\"chipArea\":0.1830277543410812,\"pitchDiameter\":26.849903885729656,\"overWires\":30.78685400232764},{\"n\":21,\"kind\":\"finish\",\"start\":1,\"dialInfeed\":{\"value\":0.05,\"unit\":\"mm\"},\"dialReading\":{\"value\":3.5,\"unit\":\"mm\"},\"infeed\":0.05,\"reading\":3.5,\"radialDepth\":3.388516741323377,\"chipArea\":0.18428351143268706,\"pitchDiameter\":26.753089121691847,\"overWires\":30.690234267262056}],\"steps\":[{\"id\":\"safety\",\"title\":\"Safety\",\"instruction\":\"Dress for the lathe: eye protection on; rings, watch and gloves off; sleeves and hair tied back; chuck key out.\",\"caution\":\"A turning chuck takes cloth, hair and fingers. Follow your shop’s rules, the machine’s manual and local law; a qualified instructor decides.\",\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"over-wires\",\"title\":\"Target over wires\",\"instruction\":\"Work it out with wires of 3.1058 mm, from limits and pitch.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":30.652,\"min\":30.485,\"max\":30.819,\"unit\":\"mm\",\"sense\":\"value\"},\"when\":\"before-cutting\"},{\"id\":\"blank\",\"title\":\"Blank\",\"instruction\":\"Turn the major diameter and measure it. Chamfer the start below the root.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":29.813,\"min\":29.625,\"max\":30,\"unit\":\"mm\",\"sense\":\"value\"},\"when\":\"before-cutting\"},{\"id\":\"run-out\",\"title\":\"Run-out groove\",\"instruction\":\"At least 18.000 mm wide and down to the root or below. Measure its diameter.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":22.998,\"min\":null,\"max\":22.998,\"unit\":\"mm\",\"sense\":\"at-most\"},\"when\":\"before-cutting\"},{\"id\":\"holding\",\"title\":\"Holding\",\"instruction\":\"Shoulder against the jaws, tailstock centre in, quill short and locked.\",\"caution\":\"Mind the live centre: the tool comes back toward it.\",\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"gearing\",\"title\":\"Gearing\",\"instruction\":\"Set 6 mm pitch from the machine’s chart; feed selector in neutral. Turn by hand until the gears mesh.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":6,\"min\":6,\"max\":6,\"unit\":\"mm pitch\",\"sense\":\"value\"},\"when\":\"before-cutting\"},{\"id\":\"speed\",\"title\":\"Spindle speed\",\"instruction\":\"2.6 s will be left in the run-out groove.\",\"caution\":\"Obey the placards on the machine: some lever positions forbid higher speeds.\",\"kind\":\"value\",\"expected\":{\"value\":70,\"min\":null,\"max\":70,\"unit\":\"rpm\",\"sense\":\"at-most\"},\"when\":\"before-cutting\"},{\"id\":\"compound\",\"title\":\"Compound\",\"instruction\":\"14.5° from the cross-slide axis. Check: its side lies parallel to the tool’s trailing flank.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":14.5,\"min\":14,\"max\":15,\"unit\":\"°\",\"sense\":\"value\"},\"when\":\"before-cutting\"},{\"id\":\"tip\",\"title\":\"Tip\",\"instruction\":\"30° by the centre gauge, flat at the tip, no nick. Measure the flat.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":2.004,\"min\":1.954,\"max\":2.054,\"unit\":\"mm\",\"sense\":\"value\"},\"when\":\"before-cutting\"},{\"id\":\"tool-square\",\"title\":\"Set the tool\",\"instruction\":\"On centre height, square to the axis by the centre gauge, holder and tool screws tight.\",\"caution\":null,\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"travel\",\"title\":\"Travel\",\"instruction\":\"Carriage to the run-out clear of chuck and shoulder, back clear of the tailstock; slides not near their ends.\",\"caution\":null,\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"touch-off\",\"title\":\"Touch off, zero\",\"instruction\":\"Dye the work. Come in against the backlash, touch the dye, set cross slide and compound to 0.\",\"caution\":null,\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"dry-run\",\"title\":\"Dry run\",\"instruction\":\"Clear of the work: catch the thread dial, open the half nut over the run-out.\",\"caution\":\"A closed half nut does not slip. A carriage stop will not stop it.\",\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"instructor-look\",\"title\":\"Instructor looks\",\"instruction\":\"Hold point: no cut before the instructor has looked.\",\"caution\":null,\"kind\":\"sign-off\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"pitch-check\",\"title\":\"Pitch\",\"instruction\":\"Lay the pitch gauge on the scratch, or count along a rule. Wrong? Stop and mend the gearing.\",\"caution\":\"Measure only with the spindle stopped.\",\"kind\":\"value\",\"expected\":{\"value\":6,\"min\":6,\"max\":6,\"unit\":\"mm pitch\",\"sense\":\"value\"},\"when\":\"after-scratch\"}],\"words\":{\"pieces\":\"wires\",\"over\":\"over wires\",\"crest\":\"major diameter\",\"work\":\"blank\",\"mate\":\"nut\",\"compound\":\"compound\",\"crossSlide\":\"cross slide\",\"halfNut\":\"half nut\",\"cycle\":\"Cross slide to zero, and look: a full turn off reads zero too. Oil, engage, watch, open the half nut in the run-out.\",\"allCut\":\"Clean the thread, measure at three places, then hand in.\",\"hazards\":\"Eye protection on; rings, watch and gloves off; sleeves and hair tied back; chuck key out. A closed half nut does not slip. Measure with the spindle stopped; brush chips, no fingers. Follow your shop’s rules, the machine’s manual and local law; a qualified instructor decides.\"},\"note\":null}','2026-11-25 15:55:02.719'),
(7,7,3,'c0236aadaeda4e0634d6161624a327ee142e214f70582ad739c32ca3f794388d','{\"format\":\"oyakata-sheet\",\"version\":1,\"title\":\"Old bolt\",\"lathe\":{\"name\":\"Lathe, dial 0.001 in, 0.1 a turn, scale 0 along the cross slide\",\"dial\":{\"graduation\":{\"value\":0.001,\"unit\":\"in\"},\"perTurn\":{\"value\":0.1,\"unit\":\"in\"},\"reads\":\"travel\",\"counts\":\"up\"},\"zeroAlong\":\"cross-slide\"},\"thread\":{\"designation\":\"7/8-9 BSW medium bolt\",\"standard\":\"BS 84\",\"side\":\"external\",\"hand\":\"right\",\"starts\":1,\"startsOrder\":\"start-by-start\",\"unit\":\"in\",\"pitch\":0.1111111111111111,\"lead\":0.1111111111111111,\"pitchText\":\"9 TPI\",\"flankAngleDeg\":27.5},\"limits\":{\"major\":{\"min\":0.8653,\"max\":0.875},\"pitchDiameter\":{\"min\":0.7975,\"max\":0.8039},\"minor\":{\"min\":0.7196,\"max\":0.7327},\"crest\":{\"min\":0.8653,\"max\":0.875},\"pitchDiameterTolerance\":0.0064},\"workDiameter\":0.8702,\"tip\":{\"kind\":\"radius\",\"size\":0.0113,\"known\":true},\"way\":{\"direction\":\"toward-headstock\",\"toolSide\":\"front\",\"compoundSide\":\"usual\",\"drive\":\"half-nut\",\"clearing\":\"cross-slide\",\"infeed\":\"compound\"},\"compound\":{\"angleDeg\":27,\"markDeg\":27},\"targetPitchDiameter\":0.8007,\"radialDepth\":0.07493842419482569,\"compoundFeed\":0.08410535968082647,\"rootDiameter\":0.7203231516103485,\"wires\":{\"diameter\":0.06263,\"overWires\":{\"min\":0.889146552189774,\"target\":0.8923457595094543,\"max\":0.895544976102864}},\"speed\":{\"rpm\":70,\"runOutWidth\":0.33299999999999996,\"timeInRunOut\":2.568857142857143,\"reactionSeconds\":1.2},\"schedule\":{\"scratch\":{\"value\":0.002,\"unit\":\"in\"},\"roughing\":15,\"largestInfeed\":{\"value\":0.013,\"unit\":\"in\"},\"finishing\":2,\"finishingInfeed\":{\"value\":0.001,\"unit\":\"in\"},\"spring\":2},\"passes\":[{\"n\":1,\"kind\":\"scratch\",\"start\":1,\"dialInfeed\":{\"value\":0.002,\"unit\":\"in\"},\"dialReading\":{\"value\":0.002,\"unit\":\"in\"},\"infeed\":0.002,\"reading\":0.002,\"radialDepth\":0.0017820130483767358,\"chipArea\":0.000014716673206147459,\"pitchDiameter\":null,\"overWires\":null},{\"n\":2,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.013,\"unit\":\"in\"},\"dialReading\":{\"value\":0.015,\"unit\":\"in\"},\"infeed\":0.013000000000000001,\"reading\":0.015,\"radialDepth\":0.013365097862825519,\"chipArea\":0.0002458790230400886,\"pitchDiameter\":null,\"overWires\":null},{\"n\":3,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.009,\"unit\":\"in\"},\"dialReading\":{\"value\":0.024,\"unit\":\"in\"},\"infeed\":0.009000000000000001,\"reading\":0.024,\"radialDepth\":0.02138415658052083,\"chipArea\":0.00025503279916516013,\"pitchDiameter\":null,\"overWires\":null},{\"n\":4,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.007,\"unit\":\"in\"},\"dialReading\":{\"value\":0.031,\"unit\":\"in\"},\"infeed\":0.007,\"reading\":0.031,\"radialDepth\":0.027621202249839404,\"chipArea\":0.00024464557019406984,\"pitchDiameter\":null,\"overWires\":null},{\"n\":5,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.006,\"unit\":\"in\"},\"dialReading\":{\"value\":0.037,\"unit\":\"in\"},\"infeed\":0.006,\"reading\":0.037,\"radialDepth\":0.032967241394969614,\"chipArea\":0.0002419316017656111,\"pitchDiameter\":null,\"overWires\":null},{\"n\":6,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.006,\"unit\":\"in\"},\"dialReading\":{\"value\":0.043,\"unit\":\"in\"},\"infeed\":0.006,\"reading\":0.043000000000000003,\"radialDepth\":0.038313280540099824,\"chipArea\":0.0002716873544506477,\"pitchDiameter\":null,\"overWires\":null},{\"n\":7,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.005,\"unit\":\"in\"},\"dialReading\":{\"value\":0.048,\"unit\":\"in\"},\"infeed\":0.005,\"reading\":0.048,\"radialDepth\":0.04276831316104166,\"chipArea\":0.0002491362175654976,\"pitchDiameter\":0.865040222067568,\"overWires\":0.9566718325600043},{\"n\":8,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.005,\"unit\":\"in\"},\"dialReading\":{\"value\":0.053,\"unit\":\"in\"},\"infeed\":0.005,\"reading\":0.053,\"radialDepth\":0.0472233457819835,\"chipArea\":0.00026979993470788405,\"pitchDiameter\":0.8561301568256844,\"overWires\":0.9477635414634903},{\"n\":9,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.004,\"unit\":\"in\"},\"dialReading\":{\"value\":0.057,\"unit\":\"in\"},\"infeed\":0.004,\"reading\":0.057,\"radialDepth\":0.05078737187873697,\"chipArea\":0.0002307178241088251,\"pitchDiameter\":0.8490021046321774,\"overWires\":0.940636948282145},{\"n\":10,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.004,\"unit\":\"in\"},\"dialReading\":{\"value\":0.061,\"unit\":\"in\"},\"infeed\":0.004,\"reading\":0.061,\"radialDepth\":0.05435139797549044,\"chipArea\":0.0002439426030799532,\"pitchDiameter\":0.8418740524386704,\"overWires\":0.9335103916630737},{\"n\":11,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.004,\"unit\":\"in\"},\"dialReading\":{\"value\":0.065,\"unit\":\"in\"},\"infeed\":0.004,\"reading\":0.065,\"radialDepth\":0.05791542407224391,\"chipArea\":0.0002571673820510791,\"pitchDiameter\":0.8347460002451635,\"overWires\":0.9263838728378306},{\"n\":12,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.004,\"unit\":\"in\"},\"dialReading\":{\"value\":0.069,\"unit\":\"in\"},\"infeed\":0.004,\"reading\":0.069,\"radialDepth\":0.06147945016899739,\"chipArea\":0.00027039216102220766,\"pitchDiameter\":0.8276179480516566,\"overWires\":0.9192573930902305},{\"n\":13,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.003,\"unit\":\"in\"},\"dialReading\":{\"value\":0.072,\"unit\":\"in\"},\"infeed\":0.003,\"reading\":0.07200000000000001,\"radialDepth\":0.0641524697415625,\"chipArea\":0.00021147288196645764,\"pitchDiameter\":0.8222719089065263,\"overWires\":0.9139125597274457},{\"n\":14,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.004,\"unit\":\"in\"},\"dialReading\":{\"value\":0.076,\"unit\":\"in\"},\"infeed\":0.004,\"reading\":0.076,\"radialDepth\":0.06771649583831596,\"chipArea\":0.00029353552422167967,\"pitchDiameter\":0.8151438567130194,\"overWires\":0.9067861516218304},{\"n\":15,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.003,\"unit\":\"in\"},\"dialReading\":{\"value\":0.079,\"unit\":\"in\"},\"infeed\":0.003,\"reading\":0.079,\"radialDepth\":0.07038951541088107,\"chipArea\":0.00022883040436606208,\"pitchDiameter\":0.8097978175678893,\"overWires\":0.9014413736146615},{\"n\":16,\"kind\":\"rough\",\"start\":1,\"dialInfeed\":{\"value\":0.003,\"unit\":\"in\"},\"dialReading\":{\"value\":0.082,\"unit\":\"in\"},\"infeed\":0.003,\"reading\":0.082,\"radialDepth\":0.07306253498344617,\"chipArea\":0.0002362693425373213,\"pitchDiameter\":0.804451778422759,\"overWires\":0.8960966203690475},{\"n\":17,\"kind\":\"finish\",\"start\":1,\"dialInfeed\":{\"value\":0.001,\"unit\":\"in\"},\"dialReading\":{\"value\":0.083,\"unit\":\"in\"},\"infeed\":0.001,\"reading\":0.083,\"radialDepth\":0.07395354150763454,\"chipArea\":0.00008040954488383167,\"pitchDiameter\":0.8026697653743823,\"overWires\":0.8943150415685291},{\"n\":18,\"kind\":\"finish\",\"start\":1,\"dialInfeed\":{\"value\":0.001,\"unit\":\"in\"},\"dialReading\":{\"value\":0.084,\"unit\":\"in\"},\"infeed\":0.001,\"reading\":0.084,\"radialDepth\":0.0748445480318229,\"chipArea\":0.00008123609356952641,\"pitchDiameter\":0.8008877523260055,\"overWires\":0.8925334656162802},{\"n\":19,\"kind\":\"spring\",\"start\":1,\"dialInfeed\":{\"value\":0,\"unit\":\"in\"},\"dialReading\":{\"value\":0.084,\"unit\":\"in\"},\"infeed\":0,\"reading\":0.084,\"radialDepth\":0.0748445480318229,\"chipArea\":0,\"pitchDiameter\":0.8008877523260055,\"overWires\":0.8925334656162802},{\"n\":20,\"kind\":\"spring\",\"start\":1,\"dialInfeed\":{\"value\":0,\"unit\":\"in\"},\"dialReading\":{\"value\":0.084,\"unit\":\"in\"},\"infeed\":0,\"reading\":0.084,\"radialDepth\":0.0748445480318229,\"chipArea\":0,\"pitchDiameter\":0.8008877523260055,\"overWires\":0.8925334656162802}],\"steps\":[{\"id\":\"safety\",\"title\":\"Safety\",\"instruction\":\"Dress for the lathe: eye protection on; rings, watch and gloves off; sleeves and hair tied back; chuck key out.\",\"caution\":\"A turning chuck takes cloth, hair and fingers. Follow your shop’s rules, the machine’s manual and local law; a qualified instructor decides.\",\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"over-wires\",\"title\":\"Target over wires\",\"instruction\":\"Work it out with wires of 0.06263 in, from limits and pitch.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":0.8923,\"min\":0.8891,\"max\":0.8955,\"unit\":\"in\",\"sense\":\"value\"},\"when\":\"before-cutting\"},{\"id\":\"blank\",\"title\":\"Blank\",\"instruction\":\"Turn the major diameter and measure it. Chamfer the start below the root.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":0.8702,\"min\":0.8653,\"max\":0.875,\"unit\":\"in\",\"sense\":\"value\"},\"when\":\"before-cutting\"},{\"id\":\"run-out\",\"title\":\"Run-out groove\",\"instruction\":\"At least 0.3330 in wide and down to the root or below. Measure its diameter.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":0.7203,\"min\":null,\"max\":0.7203,\"unit\":\"in\",\"sense\":\"at-most\"},\"when\":\"before-cutting\"},{\"id\":\"holding\",\"title\":\"Holding\",\"instruction\":\"Shoulder against the jaws, tailstock centre in, quill short and locked.\",\"caution\":\"Mind the live centre: the tool comes back toward it.\",\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"gearing\",\"title\":\"Gearing\",\"instruction\":\"Set 9 TPI from the machine’s chart; feed selector in neutral. Turn by hand until the gears mesh.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":9,\"min\":9,\"max\":9,\"unit\":\"TPI\",\"sense\":\"value\"},\"when\":\"before-cutting\"},{\"id\":\"speed\",\"title\":\"Spindle speed\",\"instruction\":\"2.6 s will be left in the run-out groove.\",\"caution\":\"Obey the placards on the machine: some lever positions forbid higher speeds.\",\"kind\":\"value\",\"expected\":{\"value\":70,\"min\":null,\"max\":70,\"unit\":\"rpm\",\"sense\":\"at-most\"},\"when\":\"before-cutting\"},{\"id\":\"compound\",\"title\":\"Compound\",\"instruction\":\"27° from the cross-slide axis. Check: its side lies parallel to the tool’s trailing flank.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":27,\"min\":26.5,\"max\":27.5,\"unit\":\"°\",\"sense\":\"value\"},\"when\":\"before-cutting\"},{\"id\":\"tip\",\"title\":\"Tip\",\"instruction\":\"55° by the centre gauge, radius at the tip, no nick. Measure the radius.\",\"caution\":null,\"kind\":\"value\",\"expected\":{\"value\":0.0113,\"min\":0.0093,\"max\":0.0133,\"unit\":\"in\",\"sense\":\"value\"},\"when\":\"before-cutting\"},{\"id\":\"tool-square\",\"title\":\"Set the tool\",\"instruction\":\"On centre height, square to the axis by the centre gauge, holder and tool screws tight.\",\"caution\":null,\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"travel\",\"title\":\"Travel\",\"instruction\":\"Carriage to the run-out clear of chuck and shoulder, back clear of the tailstock; slides not near their ends.\",\"caution\":null,\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"touch-off\",\"title\":\"Touch off, zero\",\"instruction\":\"Dye the work. Come in against the backlash, touch the dye, set cross slide and compound to 0.\",\"caution\":null,\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"dry-run\",\"title\":\"Dry run\",\"instruction\":\"Clear of the work: catch the thread dial, open the half nut over the run-out.\",\"caution\":\"A closed half nut does not slip. A carriage stop will not stop it.\",\"kind\":\"confirm\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"instructor-look\",\"title\":\"Instructor looks\",\"instruction\":\"Hold point: no cut before the instructor has looked.\",\"caution\":null,\"kind\":\"sign-off\",\"expected\":null,\"when\":\"before-cutting\"},{\"id\":\"pitch-check\",\"title\":\"Pitch\",\"instruction\":\"Lay the pitch gauge on the scratch, or count along a rule. Wrong? Stop and mend the gearing.\",\"caution\":\"Measure only with the spindle stopped.\",\"kind\":\"value\",\"expected\":{\"value\":9,\"min\":9,\"max\":9,\"unit\":\"TPI\",\"sense\":\"value\"},\"when\":\"after-scratch\"}],\"words\":{\"pieces\":\"wires\",\"over\":\"over wires\",\"crest\":\"major diameter\",\"work\":\"blank\",\"mate\":\"nut\",\"compound\":\"compound\",\"crossSlide\":\"cross slide\",\"halfNut\":\"half nut\",\"cycle\":\"Cross slide to zero, and look: a full turn off reads zero too. Oil, engage, watch, open the half nut in the run-out.\",\"allCut\":\"Clean the thread, measure at three places, then hand in.\",\"hazards\":\"Eye protection on; rings, watch and gloves off; sleeves and hair tied back; chuck key out. A closed half nut does not slip. Measure with the spindle stopped; brush chips, no fingers. Follow your shop’s rules, the machine’s manual and local law; a qualified instructor decides.\"},\"note\":null}','2026-11-25 15:55:04.012');
/*!40000 ALTER TABLE `sheets` ENABLE KEYS */;
UNLOCK TABLES;
/*!50003 SET @saved_cs_client      = @@character_set_client */ ;
/*!50003 SET @saved_cs_results     = @@character_set_results */ ;
/*!50003 SET @saved_col_connection = @@collation_connection */ ;
/*!50003 SET character_set_client  = utf8mb4 */ ;
/*!50003 SET character_set_results = utf8mb4 */ ;
/*!50003 SET collation_connection  = utf8mb4_unicode_ci */ ;
/*!50003 SET @saved_sql_mode       = @@sql_mode */ ;
/*!50003 SET sql_mode              = 'IGNORE_SPACE,STRICT_TRANS_TABLES,ERROR_FOR_DIVISION_BY_ZERO,NO_AUTO_CREATE_USER,NO_ENGINE_SUBSTITUTION' */ ;
DELIMITER ;;
/*!50003 CREATE*/ /*!50003 TRIGGER IF NOT EXISTS sheets_no_update BEFORE UPDATE ON sheets FOR EACH ROW
         SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'sheets are append-only' 
*/;;
DELIMITER ;
/*!50003 SET sql_mode              = @saved_sql_mode */ ;
/*!50003 SET character_set_client  = @saved_cs_client */ ;
/*!50003 SET character_set_results = @saved_cs_results */ ;
/*!50003 SET collation_connection  = @saved_col_connection */ ;
/*!50003 SET @saved_cs_client      = @@character_set_client */ ;
/*!50003 SET @saved_cs_results     = @@character_set_results */ ;
/*!50003 SET @saved_col_connection = @@collation_connection */ ;
/*!50003 SET character_set_client  = utf8mb4 */ ;
/*!50003 SET character_set_results = utf8mb4 */ ;
/*!50003 SET collation_connection  = utf8mb4_unicode_ci */ ;
/*!50003 SET @saved_sql_mode       = @@sql_mode */ ;
/*!50003 SET sql_mode              = 'IGNORE_SPACE,STRICT_TRANS_TABLES,ERROR_FOR_DIVISION_BY_ZERO,NO_AUTO_CREATE_USER,NO_ENGINE_SUBSTITUTION' */ ;
DELIMITER ;;
/*!50003 CREATE*/ /*!50003 TRIGGER IF NOT EXISTS sheets_no_delete BEFORE DELETE ON sheets FOR EACH ROW
         SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'sheets are append-only' 
*/;;
DELIMITER ;
/*!50003 SET sql_mode              = @saved_sql_mode */ ;
/*!50003 SET character_set_client  = @saved_cs_client */ ;
/*!50003 SET character_set_results = @saved_cs_results */ ;
/*!50003 SET collation_connection  = @saved_col_connection */ ;

--
-- Table structure for table `shop`
--

DROP TABLE IF EXISTS `shop`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `shop` (
  `id` int(11) NOT NULL CHECK (`id` = 1),
  `time_zone` varchar(64) NOT NULL,
  `words` longtext CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL CHECK (json_valid(`words`)),
  PRIMARY KEY (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_general_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `shop`
--

LOCK TABLES `shop` WRITE;
/*!40000 ALTER TABLE `shop` DISABLE KEYS */;
INSERT INTO `shop` VALUES
(1,'UTC','{\"format\":\"oyakata-words\",\"version\":1,\"compound\":\"compound\",\"crossSlide\":\"cross slide\",\"halfNut\":\"half nut\"}');
/*!40000 ALTER TABLE `shop` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `shop_items`
--

DROP TABLE IF EXISTS `shop_items`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `shop_items` (
  `id` int(11) NOT NULL AUTO_INCREMENT,
  `kind` varchar(20) NOT NULL CHECK (`kind` in ('lathe','tool','gauge')),
  `archived_at` datetime(3) DEFAULT NULL,
  `created_at` datetime(3) NOT NULL,
  PRIMARY KEY (`id`),
  KEY `kind` (`kind`)
) ENGINE=InnoDB AUTO_INCREMENT=6 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_general_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `shop_items`
--

LOCK TABLES `shop_items` WRITE;
/*!40000 ALTER TABLE `shop_items` DISABLE KEYS */;
INSERT INTO `shop_items` VALUES
(1,'lathe',NULL,'2026-11-13 08:30:00.000'),
(2,'lathe',NULL,'2026-11-18 08:30:00.000'),
(3,'lathe',NULL,'2026-11-22 08:30:00.000'),
(4,'lathe',NULL,'2026-11-25 15:55:02.719'),
(5,'lathe',NULL,'2026-11-25 15:55:04.621');
/*!40000 ALTER TABLE `shop_items` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `shop_revisions`
--

DROP TABLE IF EXISTS `shop_revisions`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `shop_revisions` (
  `id` int(11) NOT NULL AUTO_INCREMENT,
  `item_id` int(11) NOT NULL,
  `number` int(11) NOT NULL,
  `document` longtext CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL CHECK (json_valid(`document`)),
  `issued_by_id` int(11) DEFAULT NULL,
  `issued_at` datetime(3) NOT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `item_id` (`item_id`,`number`),
  KEY `issued_by_id` (`issued_by_id`),
  CONSTRAINT `shop_revisions_ibfk_1` FOREIGN KEY (`item_id`) REFERENCES `shop_items` (`id`),
  CONSTRAINT `shop_revisions_ibfk_2` FOREIGN KEY (`issued_by_id`) REFERENCES `people` (`id`)
) ENGINE=InnoDB AUTO_INCREMENT=6 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_general_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `shop_revisions`
--

LOCK TABLES `shop_revisions` WRITE;
/*!40000 ALTER TABLE `shop_revisions` DISABLE KEYS */;
INSERT INTO `shop_revisions` VALUES
(1,1,1,'{\"format\":\"oyakata-lathe\",\"version\":1,\"name\":\"Lathe, dial 0.02 mm, 2 a turn, scale 0 along the cross slide\",\"compound\":{\"dial\":{\"graduation\":{\"value\":0.02,\"unit\":\"mm\"},\"perTurn\":{\"value\":2,\"unit\":\"mm\"},\"reads\":\"travel\",\"counts\":\"up\"},\"swivel\":{\"zeroAlong\":\"cross-slide\",\"graduationDeg\":null,\"rangeDeg\":null}},\"crossSlide\":{\"dial\":null},\"spindle\":{\"nose\":null,\"runDownTurns\":null},\"leadScrew\":null,\"threadDial\":null,\"trip\":null,\"readout\":null}',1,'2026-11-13 08:30:00.000'),
(2,2,1,'{\"format\":\"oyakata-lathe\",\"version\":1,\"name\":\"Lathe, dial 0.001 in, 0.1 a turn, scale 0 along the bed\",\"compound\":{\"dial\":{\"graduation\":{\"value\":0.001,\"unit\":\"in\"},\"perTurn\":{\"value\":0.1,\"unit\":\"in\"},\"reads\":\"travel\",\"counts\":\"up\"},\"swivel\":{\"zeroAlong\":\"bed\",\"graduationDeg\":null,\"rangeDeg\":null}},\"crossSlide\":{\"dial\":null},\"spindle\":{\"nose\":null,\"runDownTurns\":null},\"leadScrew\":null,\"threadDial\":null,\"trip\":null,\"readout\":null}',1,'2026-11-18 08:30:00.000'),
(3,3,1,'{\"format\":\"oyakata-lathe\",\"version\":1,\"name\":\"Lathe, dial 0.001 in, 0.1 a turn, scale 0 along the cross slide\",\"compound\":{\"dial\":{\"graduation\":{\"value\":0.001,\"unit\":\"in\"},\"perTurn\":{\"value\":0.1,\"unit\":\"in\"},\"reads\":\"travel\",\"counts\":\"up\"},\"swivel\":{\"zeroAlong\":\"cross-slide\",\"graduationDeg\":null,\"rangeDeg\":null}},\"crossSlide\":{\"dial\":null},\"spindle\":{\"nose\":null,\"runDownTurns\":null},\"leadScrew\":null,\"threadDial\":null,\"trip\":null,\"readout\":null}',1,'2026-11-22 08:30:00.000'),
(4,4,1,'{\"format\":\"oyakata-lathe\",\"version\":1,\"name\":\"Lathe, dial 0.05 mm, 4 a turn, scale 0 along the cross slide\",\"compound\":{\"dial\":{\"graduation\":{\"value\":0.05,\"unit\":\"mm\"},\"perTurn\":{\"value\":4,\"unit\":\"mm\"},\"reads\":\"travel\",\"counts\":\"up\"},\"swivel\":{\"zeroAlong\":\"cross-slide\",\"graduationDeg\":null,\"rangeDeg\":null}},\"crossSlide\":{\"dial\":null},\"spindle\":{\"nose\":null,\"runDownTurns\":null},\"leadScrew\":null,\"threadDial\":null,\"trip\":null,\"readout\":null}',1,'2026-11-25 15:55:02.719'),
(5,5,1,'{\"format\":\"oyakata-lathe\",\"version\":1,\"name\":\"Lathe, dial 0.05 mm, 2 a turn, scale 0 along the bed\",\"compound\":{\"dial\":{\"graduation\":{\"value\":0.05,\"unit\":\"mm\"},\"perTurn\":{\"value\":2,\"unit\":\"mm\"},\"reads\":\"travel\",\"counts\":\"up\"},\"swivel\":{\"zeroAlong\":\"bed\",\"graduationDeg\":null,\"rangeDeg\":null}},\"crossSlide\":{\"dial\":null},\"spindle\":{\"nose\":null,\"runDownTurns\":null},\"leadScrew\":null,\"threadDial\":null,\"trip\":null,\"readout\":null}',NULL,'2026-11-25 15:55:04.621');
/*!40000 ALTER TABLE `shop_revisions` ENABLE KEYS */;
UNLOCK TABLES;
/*!50003 SET @saved_cs_client      = @@character_set_client */ ;
/*!50003 SET @saved_cs_results     = @@character_set_results */ ;
/*!50003 SET @saved_col_connection = @@collation_connection */ ;
/*!50003 SET character_set_client  = utf8mb4 */ ;
/*!50003 SET character_set_results = utf8mb4 */ ;
/*!50003 SET collation_connection  = utf8mb4_unicode_ci */ ;
/*!50003 SET @saved_sql_mode       = @@sql_mode */ ;
/*!50003 SET sql_mode              = 'IGNORE_SPACE,STRICT_TRANS_TABLES,ERROR_FOR_DIVISION_BY_ZERO,NO_AUTO_CREATE_USER,NO_ENGINE_SUBSTITUTION' */ ;
DELIMITER ;;
/*!50003 CREATE*/ /*!50003 TRIGGER IF NOT EXISTS shop_revisions_no_update BEFORE UPDATE ON shop_revisions FOR EACH ROW
         SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'shop_revisions are append-only' 
*/;;
DELIMITER ;
/*!50003 SET sql_mode              = @saved_sql_mode */ ;
/*!50003 SET character_set_client  = @saved_cs_client */ ;
/*!50003 SET character_set_results = @saved_cs_results */ ;
/*!50003 SET collation_connection  = @saved_col_connection */ ;
/*!50003 SET @saved_cs_client      = @@character_set_client */ ;
/*!50003 SET @saved_cs_results     = @@character_set_results */ ;
/*!50003 SET @saved_col_connection = @@collation_connection */ ;
/*!50003 SET character_set_client  = utf8mb4 */ ;
/*!50003 SET character_set_results = utf8mb4 */ ;
/*!50003 SET collation_connection  = utf8mb4_unicode_ci */ ;
/*!50003 SET @saved_sql_mode       = @@sql_mode */ ;
/*!50003 SET sql_mode              = 'IGNORE_SPACE,STRICT_TRANS_TABLES,ERROR_FOR_DIVISION_BY_ZERO,NO_AUTO_CREATE_USER,NO_ENGINE_SUBSTITUTION' */ ;
DELIMITER ;;
/*!50003 CREATE*/ /*!50003 TRIGGER IF NOT EXISTS shop_revisions_no_delete BEFORE DELETE ON shop_revisions FOR EACH ROW
         SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'shop_revisions are append-only' 
*/;;
DELIMITER ;
/*!50003 SET sql_mode              = @saved_sql_mode */ ;
/*!50003 SET character_set_client  = @saved_cs_client */ ;
/*!50003 SET character_set_results = @saved_cs_results */ ;
/*!50003 SET collation_connection  = @saved_col_connection */ ;

--
-- Table structure for table `texts`
--

DROP TABLE IF EXISTS `texts`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `texts` (
  `owner` varchar(20) NOT NULL,
  `owner_id` varchar(40) NOT NULL,
  `path` varchar(140) NOT NULL,
  `person_id` int(11) NOT NULL,
  `body` text DEFAULT NULL,
  PRIMARY KEY (`owner`,`owner_id`,`path`),
  KEY `person_id` (`person_id`),
  CONSTRAINT `texts_ibfk_1` FOREIGN KEY (`person_id`) REFERENCES `people` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_general_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `texts`
--

LOCK TABLES `texts` WRITE;
/*!40000 ALTER TABLE `texts` DISABLE KEYS */;
/*!40000 ALTER TABLE `texts` ENABLE KEYS */;
UNLOCK TABLES;
/*!40103 SET TIME_ZONE=@OLD_TIME_ZONE */;

/*!40101 SET SQL_MODE=@OLD_SQL_MODE */;
/*!40014 SET FOREIGN_KEY_CHECKS=@OLD_FOREIGN_KEY_CHECKS */;
/*!40014 SET UNIQUE_CHECKS=@OLD_UNIQUE_CHECKS */;
/*!40101 SET CHARACTER_SET_CLIENT=@OLD_CHARACTER_SET_CLIENT */;
/*!40101 SET CHARACTER_SET_RESULTS=@OLD_CHARACTER_SET_RESULTS */;
/*!40101 SET COLLATION_CONNECTION=@OLD_COLLATION_CONNECTION */;
/*!40111 SET SQL_NOTES=@OLD_SQL_NOTES */;

-- Dump completed
