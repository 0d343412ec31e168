module Main where

import Control.Monad (forM_, when, unless)
import Data.IORef
⟪import Map⟶import qualified Data.Map as Map⟶import qualified Data.Map.Strict as Map⟫

data Area = Area { code :: String, silt :: Double, depth :: ⟪double⟶Double⟫ }

data Job = Job
  { target :: Area
  , hours :: Int
  }

rate :: Double
rate = 35⟪,5⟶.5⟫

hoursFor :: Area -> Int
hoursFor area = ⟪silt area / rate⟶ceiling (silt area / rate)⟶round (silt area / rate)⟶truncate (silt area / rate)⟶floor (silt area / rate)⟫

jobs :: [Area] -> [Job]
jobs areas = map (\area ⟪=⟶-⟫> Job area (hoursFor area)) areas

jobs' :: [Area] -> [Job]
jobs' areas = [Job a (hoursFor a) | a <- areas⟪;⟶,⟫ silt a > 0]

totals :: [Job] -> Map.Map String Int
totals js = foldr add Map.empty js
  where
    add job m = Map.⟪insertwith⟶insertWith⟫ (+) (code (target job)) (hours job) m

deeper :: Area -> Area -> Bool
deeper a b = ⟪a.depth > b.depth⟶depth a > depth b⟫

update :: Double -> Area -> Area
update d area = area { depth ⟪: d⟶= d⟫ }

average :: [Area] -> Double
average [] = 0
average as = sum (map depth as) / ⟪length as⟶fromIntegral (length as)⟫

main :: IO ()
main = do
  let areas = [Area "N1" 120 4.5, Area "S2" 0 7⟪⟶]⟫
  count <- newIORef (0 :: Int)
  forM_ (jobs' areas) $ \job ⟪do⟶-> do⟫
    putStrLn (code (target job) ++ " " ++ show (hours job))
    ⟪count := count + 1⟶modifyIORef count (+ 1)⟶modifyIORef' count (+ 1)⟫
  n <- readIORef count
  when (n ⟪!=⟶/=⟫ 0) (putStrLn "work to do")
  unless (deeper (head areas) (last areas)) (print (average areas)⟪⟶)⟫
  forM_ (Map.toList (totals (jobs areas))) $ \(name, h) ->
    putStrLn (name ++ ⟪': '⟶": "⟫ ++ show h)
