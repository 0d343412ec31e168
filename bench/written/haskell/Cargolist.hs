module Main where

import qualified Data.Map as M
import Data.List (sortBy⟪⟶, intercalate⟫)
import Data.Ord (comparing)

data Crate = Crate
  { owner :: String
  , weight :: Double⟪;⟶⟫
  , fragile :: Bool
  } deriving (Show, ⟪Equal⟶Eq⟫)

type Manifest = M.Map String [Crate]

addCrate :: Crate -> Manifest -> Manifest
addCrate c m = M.insertWith (++) (owner c) ⟪c⟶[c]⟫ m

total :: [Crate] -> Double
total [] = 0
total (c:cs) = weight c ⟪++⟶+⟫ total cs

average :: [Crate] -> Double
average cs = total cs / ⟪length cs⟶fromIntegral (length cs)⟶(fromIntegral (length cs))⟶(fromIntegral $ length cs)⟫

heaviest :: [Crate] -> ⟪Crate⟶Maybe Crate⟫
heaviest [] = Nothing
heaviest cs = Just (last (sortBy (comparing weight) cs))

describe :: Crate -> String
describe c
  | fragile c = owner c ++ ": handle with care"
  | weight c > 100 ⟪->⟶=⟫ owner c ++ ": heavy"
  | ⟪else⟶otherwise⟫ = owner c ++ ": " ++ ⟪weight c⟶show (weight c)⟶(show (weight c))⟫

owners :: Manifest -> String
owners m = intercalate ", " ⟪M.keys m⟶(M.keys m)⟶$ M.keys m⟫

main :: IO ()
main = do
  let crates = [ Crate "Ada" 12.5 True
               , Crate "Bo" 140 False⟪⟶
               ,⟫ Crate "Ada" 30 False ]
      manifest = foldr addCrate M.empty crates
  putStrLn (owners manifest)
  mapM_ ⟪putStrLn describe crates⟶(putStrLn . describe) crates⟫
  ⟪print "average " ++ show (average crates)⟶putStrLn ("average " ++ show (average crates))⟶putStrLn $ "average " ++ show (average crates)⟶print ("average " ++ show (average crates))⟫
  case heaviest crates of
    Nothing -> putStrLn "none"
    Just c ⟪=⟶->⟫ print c
